import { logLogAt } from "../../numeric/index.ts";
import { itemAt } from "../../quantity/index.ts";
import { BREAKER_EARLIEST, BREAKER_LATEST, BREAKER_LATEST_ABOVE_30A, type CurvePoint } from "../../reference/index.ts";
import { BREAKER_PARAMS as P } from "./params.ts";

/** Both edges of a breaker's band: multiples of its rating against seconds, multiples rising. */
export interface BreakerBand {
  readonly earliest: readonly CurvePoint[];
  readonly latest: readonly CurvePoint[];
}

/**
 * Seconds to trip at a multiple of the rating on one edge of the band. At or below the rating never
 * (Infinity); between there and the first point the time grows without bound as the logarithm of
 * the multiple goes to zero.
 */
export function tripSeconds(edge: readonly CurvePoint[], multiple: number): number {
  if (multiple <= 1) return Number.POSITIVE_INFINITY;
  const first = itemAt(edge, 0);
  return multiple < first.x ? (first.y * Math.log(first.x)) / Math.log(multiple) : logLogAt(edge, multiple);
}

/** The edges of the generic band for a rating in amps. */
export function bandOf(ratingA: number): BreakerBand {
  return { earliest: BREAKER_EARLIEST, latest: ratingA > 30 ? BREAKER_LATEST_ABOVE_30A : BREAKER_LATEST };
}

/** Seconds to trip between the edges' own: 0 lies at the quick edge, 1 at the slow one. */
export function between(earliestS: number, latestS: number, place: number): number {
  return earliestS === Number.POSITIVE_INFINITY ? earliestS : earliestS ** (1 - place) * latestS ** place;
}

/**
 * Heat in a breaker: the share of the way to tripping on each edge, and where this one lies between them,
 * ∫ dt ÷ t_trip(I). `band` null for the generic one.
 */
export class BreakerEquations {
  earliestDose = 0;
  latestDose = 0;
  ownDose = 0;
  private readonly place: number;
  private readonly ratingA: number;
  private readonly band: BreakerBand;

  constructor(ratingA: number, band: BreakerBand | null = null, place = 0.5) {
    this.place = place;
    this.ratingA = ratingA;
    this.band = band ?? bandOf(ratingA);
  }

  /** Adds a spell of `seconds` at `rmsA`; a spell at or below the rating lets it cool. */
  carry(rmsA: number, seconds: number): void {
    const multiple = rmsA / this.ratingA;
    if (multiple <= 1) {
      const kept = Math.exp(-seconds / P.coolingS.value);
      this.earliestDose *= kept;
      this.latestDose *= kept;
      this.ownDose *= kept;
      return;
    }
    const earliestS = tripSeconds(this.band.earliest, multiple);
    const latestS = tripSeconds(this.band.latest, multiple);
    this.earliestDose += seconds / earliestS;
    this.latestDose += seconds / latestS;
    this.ownDose += seconds / between(earliestS, latestS, this.place);
  }
}
