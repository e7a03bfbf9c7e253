import { type BudgetCase, type BudgetLoad, type BudgetSource, isOnBreaker } from "./case.ts";
import { BUDGET_PARAMS as P } from "./params.ts";

/** The legs of a source, 0 and 1. */
export type LegIndex = 0 | 1;
export const LEGS: readonly LegIndex[] = [0, 1];

/** Whether a stays within b, a hair of rounding granted. */
export function within(a: number, b: number): boolean {
  return a <= b + 1e-9 * Math.max(1, b);
}

/** One load as it is counted, per leg; 0 on a leg it is not on. */
export interface Counted {
  readonly on: readonly [boolean, boolean];
  /** Amps set beside a breaker: continuous ones with their factor, motors without. */
  readonly breakerA: number;
  /** What a motor adds where it is the largest of its leg; 0 for anything else. */
  readonly largestA: number;
  readonly runA: number;
  readonly startA: number;
  /** Start amps beyond running. */
  readonly extraA: number;
  readonly watts: number;
  readonly wattsPerLeg: number;
  readonly cycles: boolean;
}

/** A load as it is counted on a source. */
function counted(load: BudgetLoad, { volts }: BudgetSource): Counted {
  const both = load.leg === "both";
  const startA = Math.max(load.runA, load.startA ?? load.runA);
  const watts = load.runW ?? load.runA * volts * (both ? 2 : 1);
  return {
    on: [load.leg !== 2, load.leg !== 1],
    breakerA: load.runA * (load.continuous === true && load.motor !== true ? P.continuousFactor.value : 1),
    largestA: load.motor === true ? load.runA * (P.motorFactor.value - 1) : 0,
    runA: load.runA,
    startA,
    extraA: startA - load.runA,
    watts,
    wattsPerLeg: both ? watts / 2 : watts,
    cycles: load.cycles ?? load.startA !== undefined,
  };
}

/** What a source gives: amps of a breaker or watts in running, and amps of a leg in a start (endless on a breaker). */
export interface Limits {
  readonly breakerA: number;
  readonly watts: number;
  readonly wattsPerLeg: number;
  readonly startA: number;
}

/** Limits of a source. */
export function limitsOf(source: BudgetSource): Limits {
  const none = Number.POSITIVE_INFINITY;
  if (isOnBreaker(source)) return { breakerA: source.breakerA, watts: none, wattsPerLeg: none, startA: none };
  const watts = source.runningW * source.deratedShare;
  const surgeA = (P.momentaryFactor.value * source.surgeW * source.deratedShare) / source.volts / source.legs;
  return { breakerA: none, watts, wattsPerLeg: watts / source.legs, startA: source.startLimitA ?? surgeA };
}

/** Amps a leg of a source gives in a start; endless on a breaker. */
export function startLimit(source: BudgetSource): { readonly limitA: number } {
  return { limitA: limitsOf(source).startA };
}

/** Sums of what is on. */
export interface Sums {
  readonly breakerA: [number, number];
  readonly runA: [number, number];
  readonly wattsPerLeg: [number, number];
  watts: number;
}

/** Sums over some loads. */
export function sumsOf(loads: readonly Counted[]): Sums {
  const sums: Sums = { breakerA: [0, 0], runA: [0, 0], wattsPerLeg: [0, 0], watts: 0 };
  const largestA: [number, number] = [0, 0];
  for (const load of loads) {
    sums.watts += load.watts;
    for (const leg of LEGS) {
      if (!load.on[leg]) continue;
      sums.breakerA[leg] += load.breakerA;
      largestA[leg] = Math.max(largestA[leg], load.largestA);
      sums.runA[leg] += load.runA;
      sums.wattsPerLeg[leg] += load.wattsPerLeg;
    }
  }
  for (const leg of LEGS) sums.breakerA[leg] += largestA[leg];
  return sums;
}

/** Whether everything that is on may keep running. */
export function runs(sums: Sums, limits: Limits): boolean {
  const legs = LEGS.every((leg) => within(sums.breakerA[leg], limits.breakerA) && within(sums.wattsPerLeg[leg], limits.wattsPerLeg));
  return legs && within(sums.watts, limits.watts);
}

/** Loads of a case as they are counted, in input order. */
export function countAll({ source, loads }: BudgetCase): readonly Counted[] {
  return loads.map((load) => counted(load, source));
}
