export type { Recorded } from "./input.ts";
export { lineHzOf } from "./line-hz.ts";
export { WAVEFORM_PARAMS } from "./params.ts";
export { WAVE_WARNINGS, WAVEFORM_FAILURES, type WaveCycle, type WaveformFailure, type WaveformStudy, type WaveWarning } from "./result.ts";
export { studyWaveform } from "./run.ts";
