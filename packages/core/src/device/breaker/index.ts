export { BreakerEquations, bandOf, tripSeconds } from "./equations.ts";
export { earliestTripA, roomFactor } from "./limits.ts";
export { BREAKER_PARAMS } from "./params.ts";
