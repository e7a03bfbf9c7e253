export { type BreakerBand, BreakerEquations, bandOf, tripSeconds } from "./equations.ts";
export { type BandFailure, checkBand, earliestTripA, roomFactor, startsUntilTrip } from "./limits.ts";
export { BREAKER_PARAMS } from "./params.ts";
