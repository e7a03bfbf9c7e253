import { checkOverload } from "@amp-saver/core/device/engine";
import { FIGURES, type FigureName, shownAs } from "@amp-saver/core/figure";
import { present } from "@amp-saver/core/quantity";
import { MOST_POINTS } from "@amp-saver/records";

type Name = FigureName | "multiple" | "seconds";
export type Pair = readonly [number, number];

/** Pairs that were read, or the first line that could not be, from 1, and what it would have to be. */
export type ReadPoints =
  | { readonly ok: true; readonly points: readonly Pair[] }
  | { readonly ok: false; readonly line: number; readonly limits: string };

const BOUNDS: Readonly<Record<"multiple" | "seconds", { min: number; max: number; unit: string }>> = {
  multiple: { min: 1.001, max: 200, unit: "× rating" },
  seconds: { min: 0.001, max: 100_000, unit: "s" },
};

/** Pairs as an engine's overload curve, or where and why they are none. */
export function overloadOf(pairs: readonly Pair[]): ReturnType<typeof checkOverload> {
  return checkOverload(pairs.map(([x, y]) => ({ x, y })));
}

/** Pairs as text, one a line. */
export function pointsText(points: readonly Pair[]): string {
  return points.map(([x, y]) => `${x} ${y}`).join("\n");
}

/** Reads pairs typed one a line, parted by space, comma or semicolon; an empty text is no pairs. */
export function readPoints(text: string, names: readonly [Name, Name]): ReadPoints {
  const lines = text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
  const [first, second] = names.map((n) =>
    n === "multiple" || n === "seconds" ? BOUNDS[n] : { ...FIGURES[n], unit: shownAs(n, "si").unit },
  ) as [{ min: number; max: number; unit: string }, { min: number; max: number; unit: string }];
  const limits = `two numbers, ${first.min} to ${first.max} ${first.unit} and ${second.min} to ${second.max} ${second.unit}, at most ${MOST_POINTS} lines`;
  if (lines.length > MOST_POINTS) return { ok: false, line: MOST_POINTS + 1, limits };
  const points: Pair[] = [];
  for (const [i, line] of lines.entries()) {
    const parts = line.split(/[\s;]+|,(?=\s)|(?<=\d),(?=\d+(?:[.]|$)\S*$)/).filter((p) => p !== "");
    const [x, y] = parts.map(Number);
    const good = parts.length === 2 && inside(x, first) && inside(y, second);
    if (!good) return { ok: false, line: i + 1, limits };
    points.push([present(x), present(y)]);
  }
  return { ok: true, points };
}

function inside(value: number | undefined, { min, max }: { readonly min: number; readonly max: number }): boolean {
  return value !== undefined && Number.isFinite(value) && value >= min && value <= max;
}
