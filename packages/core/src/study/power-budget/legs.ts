import type { BudgetCase, BudgetLoad } from "./case.ts";
import { countAll, sumsOf } from "./tally.ts";

/** Which loads to plug into the other leg, and what the fuller leg then carries, amps. */
export interface LegAdvice {
  readonly move: readonly { readonly id: string; readonly to: 1 | 2 }[];
  readonly fullerBeforeA: number;
  readonly fullerAfterA: number;
}

/** Loads that can be plugged in elsewhere and are looked at together. */
const MOST_MOVED = 16;
/** Gain below which nothing is worth moving, A. */
const WORTH_A = 0.5;

/**
 * The fewest loads to move between legs for the fuller leg to carry least, among those that `movable`
 * names; null where nothing is to be gained. A load between both legs cannot be moved.
 */
export function balanceLegs(given: BudgetCase, movable: ReadonlySet<string>): LegAdvice | null {
  const fuller = (loads: readonly BudgetLoad[]): number => Math.max(...sumsOf(countAll({ ...given, loads })).runA);
  const free = given.loads
    .filter((l) => l.leg !== "both" && movable.has(l.id))
    .toSorted((a, b) => b.runA - a.runA)
    .slice(0, MOST_MOVED);
  const [first, second] = sumsOf(countAll(given)).runA;
  const fullerBeforeA = Math.max(first, second);
  let best = { moved: 0, count: 0, fullerA: fullerBeforeA };
  for (let mask = 1; mask < 2 ** free.length; mask++) {
    let shift = 0;
    let count = 0;
    free.forEach((load, i) => {
      if ((mask & (1 << i)) === 0) return;
      count += 1;
      shift += load.leg === 1 ? load.runA : -load.runA;
    });
    const fullerA = Math.max(first - shift, second + shift);
    const gains = fullerA < best.fullerA - 1e-9;
    if (gains || (Math.abs(fullerA - best.fullerA) <= 1e-9 && count < best.count)) best = { moved: mask, count, fullerA };
  }
  if (fullerBeforeA - best.fullerA < WORTH_A) return null;
  const moves = free.filter((_, i) => (best.moved & (1 << i)) !== 0);
  const after = given.loads.map((l) => (moves.includes(l) ? { ...l, leg: other(l.leg) } : l));
  return { move: moves.map((l) => ({ id: l.id, to: other(l.leg) })), fullerBeforeA, fullerAfterA: fuller(after) };
}

function other(leg: BudgetLoad["leg"]): 1 | 2 {
  return leg === 1 ? 2 : 1;
}
