import { findRoot } from "../../numeric/index.ts";
import { bandOf, tripSeconds } from "./equations.ts";

/** Amps that trip a breaker, at its earliest, after `seconds`. */
export function earliestTripA(ratingA: number, seconds: number): number {
  const band = bandOf(ratingA).earliest;
  const multiple = findRoot((m) => tripSeconds(band, m) - seconds, 1 + 1e-9, 10);
  return ratingA * (multiple ?? (seconds <= tripSeconds(band, 10) ? 10 : 1));
}

/** How far a spell of half-cycle currents could grow before a breaker may trip: the factor at which its earliest dose is one. */
export function roomFactor(ratingA: number, rmsA: ArrayLike<number>, halfCycleS: number): number {
  const band = bandOf(ratingA).earliest;
  const dose = (factor: number): number => {
    let sum = 0;
    for (let i = 0; i < rmsA.length; i++) sum += halfCycleS / tripSeconds(band, (factor * rmsA[i]!) / ratingA);
    return sum;
  };
  const root = findRoot((log) => dose(Math.exp(log)) - 1, Math.log(0.01), Math.log(100));
  return root === undefined ? 100 : Math.exp(root);
}
