export { GeneratorEquations } from "./equations.ts";
export { engineStalls, transientImpedance } from "./limits.ts";
export { GENERATOR_PARAMS } from "./params.ts";
