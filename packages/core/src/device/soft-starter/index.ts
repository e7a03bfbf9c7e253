export { SoftStarterEquations } from "./equations.ts";
export { limitBoundsA, ownCapacitanceF, typicalLimitA } from "./limits.ts";
export { SOFT_STARTER_PARAMS } from "./params.ts";
