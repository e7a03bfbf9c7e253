import { findRoot } from "../../numeric/index.ts";
import { fail, itemAt, ok, type Result } from "../../quantity/index.ts";
import type { CurvePoint } from "../../reference/index.ts";
import { type BreakerBand, bandOf, between, tripSeconds } from "./equations.ts";
import { BREAKER_PARAMS as P } from "./params.ts";

/** Amps that trip a breaker, at its earliest, after `seconds`. */
export function earliestTripA(ratingA: number, seconds: number): number {
  const edge = bandOf(ratingA).earliest;
  const multiple = findRoot((m) => tripSeconds(edge, m) - seconds, 1 + 1e-9, 10);
  return ratingA * (multiple ?? (seconds <= tripSeconds(edge, 10) ? 10 : 1));
}

/** Seconds to trip at a current, in a breaker that lies at `place` in its band: 0 at the quick edge, 1 at the slow one. */
export function bandSeconds(ratingA: number, band: BreakerBand | null, amps: number, place: number): number {
  const { earliest, latest } = band ?? bandOf(ratingA);
  const multiple = amps / ratingA;
  return between(tripSeconds(earliest, multiple), tripSeconds(latest, multiple), place);
}

/** The most amps that a breaker at this place of its band carries for so many seconds. */
export function carriesA(ratingA: number, band: BreakerBand | null, seconds: number, place: number): number {
  const over = findRoot((log) => Math.log(bandSeconds(ratingA, band, ratingA * Math.exp(Math.exp(log)), place) / seconds), -18, 1.2, 1e-6);
  return over === undefined ? ratingA : ratingA * Math.exp(Math.exp(over));
}

/** How far a spell of half-cycle currents could grow before a breaker at this place of its band trips: the factor at which its dose is one. */
export function roomFactor(ratingA: number, band: BreakerBand | null, rmsA: ArrayLike<number>, halfCycleS: number, place: number): number {
  const dose = (factor: number): number => {
    let sum = 0;
    for (let i = 0; i < rmsA.length; i++) sum += halfCycleS / bandSeconds(ratingA, band, factor * itemAt(rmsA, i), place);
    return sum;
  };
  const root = findRoot((log) => dose(Math.exp(log)) - 1, Math.log(0.01), Math.log(100), 1e-4);
  return root === undefined ? 100 : Math.exp(root);
}

/**
 * The first of a row of equal starts at which the heat reaches the end: each adds `dose`, and in the
 * `restS` between them it cools. Null when it never does, however many.
 */
export function startsUntilTrip(dose: number, restS: number): number | null {
  const kept = Math.exp(-restS / P.coolingS.value);
  if (dose / (1 - kept) < 1) return null;
  let heat = 0;
  for (let n = 1; ; n++) {
    heat = heat * kept + dose;
    if (heat >= 1) return n;
  }
}

/** Why a band typed in cannot be one. */
export type BandFailure =
  | "too-few"
  | "multiple-not-above-one"
  | "seconds-not-positive"
  | "multiples-not-rising"
  | "seconds-not-falling"
  | "edges-cross";

/** Checks a band that a user typed in. `where` names the edge and the point, from 1. */
export function checkBand(band: BreakerBand): Result<BreakerBand, BandFailure> {
  for (const edge of ["earliest", "latest"] as const) {
    const refused = checkEdge(band[edge], edge);
    if (refused !== null) return refused;
  }
  const early = band.earliest.findIndex(({ x, y }) => tripSeconds(band.latest, x) < y);
  if (early >= 0) return fail("edges-cross", `earliest ${early + 1}`);
  const late = band.latest.findIndex(({ x, y }) => tripSeconds(band.earliest, x) > y);
  return late < 0 ? ok(band) : fail("edges-cross", `latest ${late + 1}`);
}

function checkEdge(points: readonly CurvePoint[], edge: string) {
  if (points.length < 2) return fail<BandFailure>("too-few", edge);
  for (const [i, { x, y }] of points.entries()) {
    const where = `${edge} ${i + 1}`;
    const before = points[i - 1];
    if (!(x > 1)) return fail<BandFailure>("multiple-not-above-one", where);
    if (!(y > 0)) return fail<BandFailure>("seconds-not-positive", where);
    if (before !== undefined && x <= before.x) return fail<BandFailure>("multiples-not-rising", where);
    if (before !== undefined && y > before.y) return fail<BandFailure>("seconds-not-falling", where);
  }
  return null;
}
