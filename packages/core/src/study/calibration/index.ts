export type { CalibrationInput, MeasuredKind, MeasuredReading, MeasuredTiming, MeasuredWaveform } from "./input.ts";

export { CALIBRATION_FAILURES, type Calibration, type CalibrationFailure, REFUSALS } from "./result.ts";
export { calibrate, refined } from "./run.ts";
