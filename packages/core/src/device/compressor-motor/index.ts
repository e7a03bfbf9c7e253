export { MotorEquations, STATE, STATE_SIZE } from "./equations.ts";
export {
  fitToPlate,
  lockedRotorAOf,
  type Plate,
  plateTurnsRatio,
  type RatedPoint,
  ratedPoint,
  type Split,
  TYPICAL_SPLIT,
} from "./fit.ts";
export { LOWEST_PLATE_SHARE, nominalVolts, runningShareAt, STARTED_SHARE, WARN_NOMINAL_SHARE } from "./limits.ts";
export { loadTorqueNm, type Motor, restedBreakaway, type ShaftLoad, synchronousRadS } from "./motor.ts";
export { COMPRESSOR_MOTOR_PARAMS } from "./params.ts";
export { steadyState } from "./phasor.ts";
export { runningAtTorque } from "./running.ts";
export { torqueOfAmps, windingOhms, windingVolts } from "./two-port.ts";
export { splitFromWindings, type Windings } from "./windings.ts";
