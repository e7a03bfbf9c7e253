export { fuelLPerH } from "./fuel.ts";
export {
  ALTITUDE_SCHOOLS,
  airDensityShare,
  type Derating,
  deratingShares,
} from "./limits.ts";
export { checkOverload, type OverloadCurve, shutdownAfterS } from "./overload.ts";
export { ENGINE_PARAMS } from "./params.ts";
