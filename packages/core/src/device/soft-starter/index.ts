export { SoftStarterEquations } from "./equations.ts";
export { afterStart, freshMemory, type Memory } from "./learning.ts";
export { ownCapacitanceF, ownCapacitancePerA } from "./limits.ts";
export { SOFT_STARTER_PARAMS } from "./params.ts";
