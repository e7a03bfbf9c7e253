// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
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
  /** What the largest motor of the subset adds, and the sums with it. */
  readonly motor1: Float64Array;
  readonly motor2: Float64Array;
  readonly counted1: Float64Array;
  readonly counted2: Float64Array;
  readonly run1: Float64Array;
  readonly run2: Float64Array;
  readonly watts: Float64Array;
  readonly watts1: Float64Array;
  readonly watts2: Float64Array;
  /** Most amps on a leg while the subset starts in order; −∞ where nothing starts on that leg. */
  readonly peak1: Float64Array;
  readonly peak2: Float64Array;
  /** The same or, where that is more, while the one with most beyond running starts again on top of the subset. */
  readonly top1: Float64Array;
  readonly top2: Float64Array;
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
    [this.motor1, this.motor2, this.counted1, this.counted2] = [sums(), sums(), sums(), sums()];
    [this.watts, this.watts1, this.watts2] = [sums(), sums(), sums()];
    [this.peak1, this.peak2, this.again1, this.again2] = [most(), most(), most(), most()];
    [this.top1, this.top2] = [most(), most()];
    for (let m = 1; m < size; m++) {
      const k = 31 - Math.clz32(m);
      const rest = m ^ (1 << k);
      const load = loads[places[k]!]!;
      const [on1, on2] = [load.on[0] ? 1 : 0, load.on[1] ? 1 : 0];
      const again = load.cycles ? load.extraA : none;
      this.mask[m] = this.mask[rest]! | (1 << places[k]!);
      this.breaker1[m] = this.breaker1[rest]! + on1 * load.breakerA;
      this.breaker2[m] = this.breaker2[rest]! + on2 * load.breakerA;
      this.motor1[m] = Math.max(this.motor1[rest]!, on1 * load.largestA);
      this.motor2[m] = Math.max(this.motor2[rest]!, on2 * load.largestA);
      this.counted1[m] = this.breaker1[m]! + this.motor1[m]!;
      this.counted2[m] = this.breaker2[m]! + this.motor2[m]!;
      this.run1[m] = this.run1[rest]! + on1 * load.runA;
      this.run2[m] = this.run2[rest]! + on2 * load.runA;
      this.watts[m] = this.watts[rest]! + load.watts;
      this.watts1[m] = this.watts1[rest]! + on1 * load.wattsPerLeg;
      this.watts2[m] = this.watts2[rest]! + on2 * load.wattsPerLeg;
      this.peak1[m] = Math.max(this.peak1[rest]!, load.on[0] ? this.run1[rest]! + load.startA : none);
      this.peak2[m] = Math.max(this.peak2[rest]!, load.on[1] ? this.run2[rest]! + load.startA : none);
      this.again1[m] = Math.max(this.again1[rest]!, load.on[0] ? again : none);
      this.again2[m] = Math.max(this.again2[rest]!, load.on[1] ? again : none);
      this.top1[m] = Math.max(this.peak1[m]!, this.run1[m]! + this.again1[m]!);
      this.top2[m] = Math.max(this.peak2[m]!, this.run2[m]! + this.again2[m]!);
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

/** What is left of each limit beside one subset of the first half. */
export interface Left {
  readonly breaker1: number;
  readonly breaker2: number;
  /** The same beside the largest motor of the first half. */
  readonly plain1: number;
  readonly plain2: number;
  readonly watts: number;
  readonly watts1: number;
  readonly watts2: number;
  readonly start1: number;
  readonly start2: number;
  /** For running amps only, beside a start again of the first half's own. */
  readonly again1: number;
  readonly again2: number;
}

/** What the first half's subset i leaves; null where that one does not even start alone. */
export function leftBeside({ first: f, limits }: Halves, i: number): Left | null {
  if (f.peak1[i]! > limits.startA || f.peak2[i]! > limits.startA) return null;
  const start1 = limits.startA - f.run1[i]!;
  const start2 = limits.startA - f.run2[i]!;
  return {
    breaker1: limits.breakerA - f.breaker1[i]!,
    breaker2: limits.breakerA - f.breaker2[i]!,
    plain1: limits.breakerA - f.counted1[i]!,
    plain2: limits.breakerA - f.counted2[i]!,
    watts: limits.watts - f.watts[i]!,
    watts1: limits.wattsPerLeg - f.watts1[i]!,
    watts2: limits.wattsPerLeg - f.watts2[i]!,
    start1,
    start2,
    again1: start1 - f.again1[i]!,
    again2: start2 - f.again2[i]!,
  };
}

/** Whether the second half's subset j fits and starts in what is left. */
export function fitsIn(a: Halves["after"], j: number, left: Left): boolean {
  return (
    a.watts1[j]! <= left.watts1 &&
    a.top1[j]! <= left.start1 &&
    a.run1[j]! <= left.again1 &&
    a.counted1[j]! <= left.breaker1 &&
    a.breaker1[j]! <= left.plain1 &&
    a.watts2[j]! <= left.watts2 &&
    a.top2[j]! <= left.start2 &&
    a.run2[j]! <= left.again2 &&
    a.counted2[j]! <= left.breaker2 &&
    a.breaker2[j]! <= left.plain2 &&
    a.watts[j]! <= left.watts
  );
}
