export { BREAKER_EARLIEST, BREAKER_LATEST, BREAKER_LATEST_ABOVE_30A } from "./breaker-band.ts";
export { CODE_PARAMS } from "./code-shares.ts";
export { AMPACITY_SOURCE, CONDUCTOR_SOURCE, COPPER, conductorOf, GAUGES, type Gauge } from "./conductor.ts";
export type { CurvePoint } from "./curve.ts";
export { OVERLOAD_NEVER_SHARE, OVERLOAD_POINTS } from "./overload.ts";
export { BTU_H_PER_RATED_VA, typicalRunCapacitorUf } from "./run-capacitor.ts";
export {
  awgArea,
  CRIMP_COLORS,
  type CrimpColor,
  PULL_FORCE_N,
  SPLICES,
  type SpliceName,
} from "./terminals.ts";
export { TYPICAL_LOADS } from "./typical-loads.ts";
export { TYPICAL_PLATE_SOURCE, typicalPlate } from "./typical-plate.ts";
export { isHighVolts } from "./volts-class.ts";
