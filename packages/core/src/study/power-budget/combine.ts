// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { type BudgetCase, isOnBreaker } from "./case.ts";
import { type Halves, halvesOf, leftBeside } from "./halves.ts";
import { weight } from "./shed.ts";

/** One byte for every on/off combination, 1 where it fits and starts; place k has load i on where bit i of k is set. */
export function everyCombination(given: BudgetCase): Uint8Array {
  const halves = halvesOf(given);
  const table = new Uint8Array(2 ** given.loads.length);
  const mark = isOnBreaker(given.source) ? markOnBreaker : markOnSet;
  for (let i = 0; i < halves.first.size; i++) mark(halves, i, table);
  return table;
}

/** `fitsIn` for one subset of the first half with every one of the second, where a breaker alone limits. */
function markOnBreaker(halves: Halves, i: number, table: Uint8Array): void {
  const { mask, breaker1, breaker2, counted1, counted2, size } = halves.after;
  const left = leftBeside(halves, i);
  if (left === null) return;
  const [left1, left2, plain1, plain2] = [left.breaker1, left.breaker2, left.plain1, left.plain2];
  const on = halves.first.mask[i]!;
  for (let j = 0; j < size; j++) {
    if (counted1[j]! > left1 || counted2[j]! > left2 || breaker1[j]! > plain1 || breaker2[j]! > plain2) continue;
    table[on | mask[j]!] = 1;
  }
}

/** The same where watts and starts limit; all watts together are within where those of each leg are. */
function markOnSet(halves: Halves, i: number, table: Uint8Array): void {
  const { mask, watts1, watts2, top1, top2, run1, run2, size } = halves.after;
  const left = leftBeside(halves, i);
  if (left === null) return;
  const [w1, w2, s1, s2, r1, r2] = [left.watts1, left.watts2, left.start1, left.start2, left.again1, left.again2];
  const on = halves.first.mask[i]!;
  for (let j = 0; j < size; j++) {
    if (watts1[j]! > w1 || watts2[j]! > w2 || top1[j]! > s1 || top2[j]! > s2 || run1[j]! > r1 || run2[j]! > r2) continue;
    table[on | mask[j]!] = 1;
  }
}

/** Sets that fit and to which nothing can be added, largest first, as bits by input order; of `everyCombination`. */
export function largestSets(given: BudgetCase, table: Uint8Array = everyCombination(given)): readonly number[] {
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

/** What may be on at once where not everything may. */
export interface Fillings {
  /** Combinations of on and off that fit and start, of so many. */
  readonly fitting: number;
  readonly of: number;
  /** Sets of ids to which nothing can be added: those that keep most by priority first. */
  readonly sets: readonly (readonly string[])[];
}

/** The largest sets by what they keep, at most `most` of them. */
export function fillings(given: BudgetCase, most: number): Fillings {
  const table = everyCombination(given);
  const keeps = (mask: number): number =>
    given.loads.reduce((sum, load, i) => ((mask & (1 << i)) === 0 ? sum : sum + weight(load.priority)), 0);
  const sets = largestSets(given, table)
    .filter((mask) => mask !== 0)
    .map((mask) => ({ mask, keeps: keeps(mask) }))
    .toSorted((a, b) => b.keeps - a.keeps || bits(b.mask) - bits(a.mask) || a.mask - b.mask)
    .slice(0, most);
  return {
    fitting: table.reduce((sum, fits) => sum + fits, 0),
    of: table.length,
    sets: sets.map(({ mask }) => given.loads.flatMap((load, i) => ((mask & (1 << i)) === 0 ? [] : [load.id]))),
  };
}

function bits(mask: number): number {
  let n = 0;
  for (let m = mask; m !== 0; m &= m - 1) n++;
  return n;
}
