/** One period of the line from the start on; `t` at its end, s after the start. */
export interface WaveCycle {
  readonly t: number;
  readonly rmsA: number;
}

/** What a recorded start shows, amps and volts RMS except the first peak. */
export interface WaveformStudy {
  /** Where in the record the start begins, s. */
  readonly startS: number;
  /** Largest instantaneous current of the first half cycle; null in a log of RMS figures. */
  readonly firstHalfCycleA: number | null;
  readonly largestCycleA: number;
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
}

export const WAVEFORM_FAILURES = ["too-short", "too-slow", "no-start", "not-a-number"] as const;
export type WaveformFailure = (typeof WAVEFORM_FAILURES)[number];
