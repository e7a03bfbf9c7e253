import { ASSESS_PARAMS } from "../assess/index.ts";

/** How many of some members must work for the answer to fit. */
export function needed(members: number): number {
  return Math.ceil(ASSESS_PARAMS.fitsShare.value * members - 1e-9);
}

/** The least figure that is enough for so many of the members; null where so many cannot be had. A member without one has null. */
function leastFor(figures: readonly (number | null)[], count: number): number | null {
  return figures.map((f) => f ?? Number.POSITIVE_INFINITY).toSorted((a, b) => a - b)[count - 1] ?? null;
}

/** The same, null where it would be endless. */
export function enoughFor(figures: readonly (number | null)[], count: number): number | null {
  const least = leastFor(figures, count);
  return least !== null && Number.isFinite(least) ? least : null;
}

/** The most that so many of the members still stand; null where so many stand nothing. */
export function mostFor(figures: readonly (number | null)[], count: number): number | null {
  const most = enoughFor(
    figures.map((f) => (f === null ? null : -f)),
    count,
  );
  return most === null ? null : -most;
}

/**
 * The least pair of sizes, one for starting and one for running, that together are enough for so many
 * members: both taken at the same rank of their own, the lowest that does. Null where none does.
 */
export function leastPair(
  pairs: readonly (readonly [start: number | null, run: number | null])[],
  count: number,
): readonly [start: number, run: number] | null {
  for (let rank = count; rank <= pairs.length; rank++) {
    const start = enoughFor(
      pairs.map((p) => p[0]),
      rank,
    );
    const run = enoughFor(
      pairs.map((p) => p[1]),
      rank,
    );
    if (start === null || run === null) return null;
    const both = pairs.filter(([s, r]) => s !== null && r !== null && s <= start && r <= run).length;
    if (both >= count) return [start, run];
  }
  return null;
}
