import type { BudgetCase } from "./case.ts";
import { type Halves, halvesOf } from "./halves.ts";

/** One byte for every on/off combination, 1 where it fits and starts; place k has load i on where bit i of k is set. */
export function everyCombination(given: BudgetCase): Uint8Array {
  const halves = halvesOf(given);
  const table = new Uint8Array(2 ** given.loads.length);
  for (let i = 0; i < halves.first.size; i++) markRow(halves, i, table);
  return table;
}

/** `together` for one subset of the first half with every one of the second: what is left of each limit is worked out once. */
function markRow({ first, after, limits }: Halves, i: number, table: Uint8Array): void {
  const { mask, breaker1, breaker2, run1, run2, watts, watts1, watts2, peak1, peak2, again1, again2, size } = after;
  if (first.peak1[i]! > limits.startA || first.peak2[i]! > limits.startA) return;
  const on = first.mask[i]!;
  const leftBreaker1 = limits.breakerA - first.breaker1[i]!;
  const leftBreaker2 = limits.breakerA - first.breaker2[i]!;
  const leftWatts = limits.watts - first.watts[i]!;
  const leftWatts1 = limits.wattsPerLeg - first.watts1[i]!;
  const leftWatts2 = limits.wattsPerLeg - first.watts2[i]!;
  const left1 = limits.startA - first.run1[i]!;
  const left2 = limits.startA - first.run2[i]!;
  const beside1 = left1 - first.again1[i]!;
  const beside2 = left2 - first.again2[i]!;
  for (let j = 0; j < size; j++) {
    if (breaker1[j]! > leftBreaker1 || breaker2[j]! > leftBreaker2) continue;
    if (watts[j]! > leftWatts || watts1[j]! > leftWatts1 || watts2[j]! > leftWatts2) continue;
    if (peak1[j]! > left1 || peak2[j]! > left2 || run1[j]! > beside1 || run2[j]! > beside2) continue;
    if (run1[j]! + again1[j]! > left1 || run2[j]! + again2[j]! > left2) continue;
    table[on | mask[j]!] = 1;
  }
}

/** Sets that fit and to which nothing can be added, largest first, as bits by input order. */
export function largestSets(given: BudgetCase): readonly number[] {
  const table = everyCombination(given);
  const n = given.loads.length;
  const sets: number[] = [];
  for (let mask = 0; mask < table.length; mask++) {
    if (table[mask] === 0) continue;
    let grows = false;
    for (let i = 0; i < n && !grows; i++) grows = (mask & (1 << i)) === 0 && table[mask | (1 << i)] === 1;
    if (!grows) sets.push(mask);
  }
  return sets.toSorted((a, b) => bits(b) - bits(a) || a - b);
}

function bits(mask: number): number {
  let n = 0;
  for (let m = mask; m !== 0; m &= m - 1) n++;
  return n;
}
