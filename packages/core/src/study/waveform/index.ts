export type { Recorded } from "./input.ts";
export { lineHzOf } from "./line-hz.ts";
export { WAVEFORM_PARAMS } from "./params.ts";
export { WAVEFORM_FAILURES, type WaveCycle, type WaveformFailure, type WaveformStudy } from "./result.ts";
export { studyWaveform } from "./run.ts";
