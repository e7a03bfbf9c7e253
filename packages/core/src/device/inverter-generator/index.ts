export { InverterGeneratorEquations } from "./equations.ts";
export { momentaryLimitA } from "./limits.ts";
export { INVERTER_GENERATOR_PARAMS } from "./params.ts";
