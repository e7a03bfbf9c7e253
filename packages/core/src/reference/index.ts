export { BREAKER_EARLIEST, BREAKER_LATEST, BREAKER_LATEST_ABOVE_30A } from "./breaker-band.ts";
export type { CurvePoint } from "./curve.ts";
export { BTU_H_PER_RATED_VA, typicalRunCapacitorUf } from "./run-capacitor.ts";
