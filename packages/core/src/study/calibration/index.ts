export type { CalibrationInput, MeasuredKind, MeasuredReading, MeasuredWaveform } from "./input.ts";
export { CALIBRATION_PARAMS } from "./params.ts";
export { CALIBRATION_FAILURES, type Calibration, type CalibrationFailure, type CalibrationRow, REFUSALS, type Refusal } from "./result.ts";
export { calibrate, refined } from "./run.ts";
