import type { BudgetCase } from "./case.ts";
import { MOST_LOADS } from "./params.ts";
import { startOrder } from "./starts.ts";
import { type Counted, countAll, type Limits, limitsOf } from "./tally.ts";

/**
 * Sums of every subset of half the loads, by the subset's bits in start order: first the loads with most
 * beyond running. A whole set is one subset of each half, so its sums are two look-ups and an addition.
 */
class Half {
  readonly size: number;
  /** The subset as bits by input order. */
  readonly mask: Int32Array;
  readonly breaker1: Float64Array;
  readonly breaker2: Float64Array;
  readonly run1: Float64Array;
  readonly run2: Float64Array;
  readonly watts: Float64Array;
  readonly watts1: Float64Array;
  readonly watts2: Float64Array;
  /** Most amps on a leg while the subset starts in order; −∞ where nothing starts on that leg. */
  readonly peak1: Float64Array;
  readonly peak2: Float64Array;
  /** Most amps beyond running among those that start again by themselves. */
  readonly again1: Float64Array;
  readonly again2: Float64Array;

  constructor(loads: readonly Counted[], places: readonly number[]) {
    const size = 2 ** places.length;
    const none = Number.NEGATIVE_INFINITY;
    const sums = (): Float64Array => new Float64Array(size);
    const most = (): Float64Array => new Float64Array(size).fill(none);
    this.size = size;
    this.mask = new Int32Array(size);
    [this.breaker1, this.breaker2, this.run1, this.run2] = [sums(), sums(), sums(), sums()];
    [this.watts, this.watts1, this.watts2] = [sums(), sums(), sums()];
    [this.peak1, this.peak2, this.again1, this.again2] = [most(), most(), most(), most()];
    for (let m = 1; m < size; m++) {
      const k = 31 - Math.clz32(m);
      const rest = m ^ (1 << k);
      const load = loads[places[k]!]!;
      const [on1, on2] = [load.on[0] ? 1 : 0, load.on[1] ? 1 : 0];
      const again = load.cycles ? load.extraA : none;
      this.mask[m] = this.mask[rest]! | (1 << places[k]!);
      this.breaker1[m] = this.breaker1[rest]! + on1 * load.breakerA;
      this.breaker2[m] = this.breaker2[rest]! + on2 * load.breakerA;
      this.run1[m] = this.run1[rest]! + on1 * load.runA;
      this.run2[m] = this.run2[rest]! + on2 * load.runA;
      this.watts[m] = this.watts[rest]! + load.watts;
      this.watts1[m] = this.watts1[rest]! + on1 * load.wattsPerLeg;
      this.watts2[m] = this.watts2[rest]! + on2 * load.wattsPerLeg;
      this.peak1[m] = Math.max(this.peak1[rest]!, load.on[0] ? this.run1[rest]! + load.startA : none);
      this.peak2[m] = Math.max(this.peak2[rest]!, load.on[1] ? this.run2[rest]! + load.startA : none);
      this.again1[m] = Math.max(this.again1[rest]!, load.on[0] ? again : none);
      this.again2[m] = Math.max(this.again2[rest]!, load.on[1] ? again : none);
    }
  }
}

/** Both halves of a case's loads, those that start first and those that start after them, and its limits. */
export interface Halves {
  readonly first: Half;
  readonly after: Half;
  readonly limits: Limits;
}

/** Halves of a case. Throws on more loads than can be looked at. */
export function halvesOf(given: BudgetCase): Halves {
  const loads = countAll(given);
  if (loads.length > MOST_LOADS) throw new Error(`more than ${MOST_LOADS} loads`);
  const order = startOrder(loads);
  const middle = order.length >> 1;
  const hair = (limit: number): number => limit + 1e-9 * Math.max(1, limit);
  const { breakerA, watts, wattsPerLeg, startA } = limitsOf(given.source);
  return {
    first: new Half(loads, order.slice(0, middle)),
    after: new Half(loads, order.slice(middle)),
    limits: { breakerA: hair(breakerA), watts: hair(watts), wattsPerLeg: hair(wattsPerLeg), startA: hair(startA) },
  };
}

/** Whether a subset of each half, together, may run and start; the limits hold their hair of rounding. */
export function together({ first: f, after: a, limits }: Halves, i: number, j: number): boolean {
  const { breakerA, watts, wattsPerLeg, startA } = limits;
  const run1 = f.run1[i]! + a.run1[j]!;
  const run2 = f.run2[i]! + a.run2[j]!;
  return (
    f.breaker1[i]! + a.breaker1[j]! <= breakerA &&
    f.breaker2[i]! + a.breaker2[j]! <= breakerA &&
    f.watts[i]! + a.watts[j]! <= watts &&
    f.watts1[i]! + a.watts1[j]! <= wattsPerLeg &&
    f.watts2[i]! + a.watts2[j]! <= wattsPerLeg &&
    f.peak1[i]! <= startA &&
    f.peak2[i]! <= startA &&
    f.run1[i]! + a.peak1[j]! <= startA &&
    f.run2[i]! + a.peak2[j]! <= startA &&
    run1 + Math.max(f.again1[i]!, a.again1[j]!) <= startA &&
    run2 + Math.max(f.again2[i]!, a.again2[j]!) <= startA
  );
}
