export { type BreakerBand, BreakerEquations, bandOf, tripSeconds } from "./equations.ts";
export { type BandFailure, bandSeconds, carriesA, checkBand, earliestTripA, roomFactor, startsUntilTrip } from "./limits.ts";
export { BREAKER_PARAMS } from "./params.ts";
