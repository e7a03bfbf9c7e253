/** One period of the line from the start on; `t` at its end, s after the start. */
export interface WaveCycle {
  readonly t: number;
  readonly rmsA: number;
}

/** What a record lacks: pauses in it, peaks cut off so that figures are bounds, a reading of nothing that was taken off, a start right at its beginning, an end before it runs. */
export const WAVE_WARNINGS = ["gaps", "clipped", "offset", "starts-at-once", "ends-early"] as const;
export type WaveWarning = (typeof WAVE_WARNINGS)[number];

/** What a recorded start shows, amps and volts RMS except the first peak. */
export interface WaveformStudy {
  /** Where in the record the start begins, s. */
  readonly startS: number;
  /** Largest instantaneous current of the first half cycle; null in a log of RMS figures. */
  readonly firstHalfCycleA: number | null;
  readonly largestCycleA: number;
  /** Largest RMS over any window as long as the inrush window; null where none is whole. */
  readonly largest100msA: number | null;
  /** RMS over the inrush window from the trigger; null where the log is coarser than the window. */
  readonly inrushA: number | null;
  /** Running amps at the end; null where the record ends before it ran steadily. */
  readonly runningA: number | null;
  /** From the start until the cycle RMS stays near running, s. */
  readonly startTimeS: number | null;
  /** Cycle RMS of the volts before the start and at their lowest; null without volts. */
  readonly restV: number | null;
  readonly lowestV: number | null;
  readonly cycles: readonly WaveCycle[];
  readonly warnings: readonly WaveWarning[];
  /** True where peaks were cut off: the amps are at least what is told. */
  readonly atLeast: boolean;
}

const WAVEFORM_FAILURES = ["too-short", "too-slow", "no-start", "not-a-number"] as const;
export type WaveformFailure = (typeof WAVEFORM_FAILURES)[number];
