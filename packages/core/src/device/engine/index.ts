export { fuelLPerH } from "./fuel.ts";
export {
  airDensityShare,
  type Derating,
  deratingShares,
} from "./limits.ts";
export { checkOverload, type OverloadCurve, shutdownAfterS } from "./overload.ts";
export { ALTITUDE_RULES, ENGINE_PARAMS } from "./params.ts";
