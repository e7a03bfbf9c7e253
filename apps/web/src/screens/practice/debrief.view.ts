import { nameOn } from "@amp-saver/core/network";
import type { Mark, PracticeFaultCode, ShownBench } from "@amp-saver/core/study/practice";

/** How a hidden fault fared: measured and named, one of both, or neither. */
export function fateOf(
  code: PracticeFaultCode,
  { found, named }: Pick<Mark, "found" | "named">,
): "proven" | "unnamed" | "guessed" | "missed" {
  const measured = found.includes(code);
  const said = named.includes(code);
  if (measured) return said ? "proven" : "unnamed";
  return said ? "guessed" : "missed";
}

/** Which pin of the compressor was which, by their numbers. */
export function pinsOf({ realOf }: Pick<ShownBench, "realOf">): readonly (readonly [string, string])[] {
  return Object.entries(realOf).map(([, real], k) => [`Compressor ${k + 1}`, `compressor ${nameOn(real)}`]);
}
