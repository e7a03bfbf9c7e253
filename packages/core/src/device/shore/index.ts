export { ShoreEquations } from "./equations.ts";
export { continuousA } from "./limits.ts";
export { SHORE_PARAMS } from "./params.ts";
