export { HardStartEquations } from "./equations.ts";
export { LONGEST_IN_CIRCUIT_S } from "./limits.ts";
export { HARD_START_PARAMS } from "./params.ts";
