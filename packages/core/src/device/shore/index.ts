export { ShoreEquations } from "./equations.ts";
export { continuousA, ohmFromSag, type SagFailure } from "./limits.ts";
export { SHORE_PARAMS } from "./params.ts";
