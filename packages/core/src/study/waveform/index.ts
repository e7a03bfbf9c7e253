export type { Recorded } from "./input.ts";
export { lineHzOf } from "./line-hz.ts";

export { WAVE_WARNINGS, type WaveformFailure, type WaveformStudy, type WaveWarning } from "./result.ts";
export { studyWaveform } from "./run.ts";
