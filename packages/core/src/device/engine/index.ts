export { fuelLPerH } from "./fuel.ts";
export {
  ALTITUDE_SCHOOLS,
  type AltitudeSchool,
  airDensityShare,
  type Derating,
  type DeratingShares,
  deratingShares,
  USUAL_DERATING,
} from "./limits.ts";
export { checkOverload, type OverloadCurve, type OverloadFailure, shutdownAfterS } from "./overload.ts";
export { ENGINE_PARAMS } from "./params.ts";
