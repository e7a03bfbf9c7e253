export { MotorEquations, STATE, STATE_SIZE } from "./equations.ts";
export {
  type FittedMotor,
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
export { loadTorqueNm, type Machine, restedBreakaway, type ShaftLoad, synchronousRadS } from "./machine.ts";
export { COMPRESSOR_MOTOR_PARAMS, COMPRESSOR_MOTOR_SOURCE } from "./params.ts";
export { backwardShare, type Feed, lineOhm, type SteadyState, steadyState } from "./phasor.ts";
export { runningAtCurrent, runningAtTorque } from "./running.ts";
export { splitFromWindings, type Windings, type WindingsFailure } from "./windings.ts";
