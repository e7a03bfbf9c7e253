import type { WireEnd } from "./ends.ts";

/** Something to carry, with how many are needed and how many more go along. */
export interface KitLine {
  readonly what: string;
  readonly color: string | null;
  readonly awg: number | null;
  readonly needed: number;
  readonly spare: number;
}

/** One spare for every so many; common practice, no source. */
const ONE_SPARE_FOR = 2;

/** Terminals and joints to carry, counted from the ends; what comes already made is left out. */
export function terminalKit(ends: readonly WireEnd[]): readonly KitLine[] {
  const lines = new Map<string, KitLine>();
  const add = (what: string, color: string | null, awg: number | null, share: number): void => {
    const key = `${what} ${color}`;
    const old = lines.get(key);
    lines.set(key, { what, color, awg: old?.awg ?? awg, needed: (old?.needed ?? 0) + share, spare: 0 });
  };
  for (const { crimp, splice, color, awg, made } of ends) {
    if (splice !== null && splice.name !== "blade pair") add(splice.name, null, null, 1 / splice.wires);
    else if (crimp !== null && color !== null && made !== "comes so") add(crimp, color, awg, 1);
  }
  return [...lines.values()].map((line) => {
    const needed = Math.round(line.needed);
    return { ...line, needed, spare: Math.max(1, Math.ceil(needed / ONE_SPARE_FOR)) };
  });
}
