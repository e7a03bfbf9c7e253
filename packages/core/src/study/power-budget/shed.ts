// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import type { BudgetCase } from "./case.ts";
import { fitsIn, halvesOf, leftBeside } from "./halves.ts";
import { BUDGET_PARAMS as P, PRIORITIES } from "./params.ts";

/** What dropping a load costs: its priority's weight. */
export function weight(priority: number): number {
  return P.priorityBase.value ** (PRIORITIES.length - priority);
}

interface Dropped {
  /** Weight of what stays on. */
  readonly keeps: number;
  readonly amps: number;
  readonly places: readonly number[];
}

/**
 * Places of the loads to switch off so that the rest fits and starts: least weight by priority, then
 * fewest amps, then fewest loads, then earliest in the input.
 */
export function shed(given: BudgetCase): readonly number[] {
  const { loads } = given;
  const halves = halvesOf(given);
  const weights = loads.map((load) => weight(load.priority));
  const kept = (mask: number): number => weights.reduce((sum, w, i) => ((mask & (1 << i)) === 0 ? sum : sum + w), 0);
  const keptFirst = Float64Array.from(halves.first.mask, kept);
  const keptAfter = Float64Array.from(halves.after.mask, kept);
  let best: Dropped = dropped(loads, 0, 0);
  let most = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < keptFirst.length; i++) {
    const left = leftBeside(halves, i);
    if (left === null) continue;
    for (let j = 0; j < keptAfter.length; j++) {
      const keeps = keptFirst[i]! + keptAfter[j]!;
      if (keeps < most || !fitsIn(halves.after, j, left)) continue;
      const option = dropped(loads, halves.first.mask[i]! | halves.after.mask[j]!, keeps);
      if (most === Number.NEGATIVE_INFINITY || better(option, best)) best = option;
      most = Math.max(most, keeps);
    }
  }
  return best.places;
}

function dropped(loads: BudgetCase["loads"], kept: number, keeps: number): Dropped {
  const places = loads.flatMap((_, i) => ((kept & (1 << i)) === 0 ? [i] : []));
  return { keeps, amps: places.reduce((sum, i) => sum + loads[i]!.runA, 0), places };
}

function better(a: Dropped, b: Dropped): boolean {
  if (a.keeps !== b.keeps) return a.keeps > b.keeps;
  if (Math.abs(a.amps - b.amps) > 1e-9 * Math.max(1, a.amps, b.amps)) return a.amps < b.amps;
  if (a.places.length !== b.places.length) return a.places.length < b.places.length;
  const first = a.places.findIndex((place, k) => place !== b.places[k]);
  return first >= 0 && a.places[first]! < b.places[first]!;
}
