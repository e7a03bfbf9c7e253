export { InverterGeneratorEquations } from "./equations.ts";
export { deratingShare, momentaryLimitA } from "./limits.ts";
export { INVERTER_GENERATOR_PARAMS } from "./params.ts";
