import type { Rig } from "./kind/rig.ts";
import type { Source } from "./kind/source.ts";
import type { AirConditioner } from "./kind/unit.ts";

/** Something that can feed a circuit on a rig, to be switched off and locked before anyone works there. */
export interface Feed {
  /** Name under which it is ticked off. */
  readonly id: string;
  readonly kind: Source["type"] | "auto-start" | "breaker" | "fuse" | "disconnect";
  /** Whose it is: a source's or a unit's name; null where there is only one. */
  readonly of: string | null;
  /** The source that is not here either where this one is asked in vain: an auto-start goes with its engine. */
  readonly goesWith?: string;
}

/**
 * Everything that can feed a unit of a rig: every source, what starts an engine by itself, every unit's
 * breaker; on the road the control fuse, at a house the disconnect.
 */
export function feedsOf(rig: Rig, units: readonly AirConditioner[], sources: readonly Source[]): readonly Feed[] {
  const fed = sources.flatMap((s): Feed[] => {
    const own: Feed = { id: s.id, kind: s.type, of: s.name };
    const engine = s.type === "generator" || s.type === "inverter-generator";
    return engine ? [own, { id: `${s.id} auto-start`, kind: "auto-start", of: s.name, goesWith: s.id }] : [own];
  });
  const breakers = units.map((u): Feed => ({ id: `breaker ${u.id}`, kind: "breaker", of: u.name }));
  if (rig.place !== "house") return [...fed, ...breakers, { id: "fuse", kind: "fuse", of: null }];
  const circuit = sources.some((s) => s.type === "shore");
  return [...fed, ...(circuit ? [] : breakers), { id: "disconnect", kind: "disconnect", of: null }];
}
