import type { Conductor, ReadingKind } from "./input.ts";

/** Readings of one side that agree in kind and conductor. */
export interface ReadingSide {
  readonly medianA: number;
  readonly lowA: number;
  readonly highA: number;
  readonly count: number;
}

/** Before against after, like with like; shares. */
export interface Comparison {
  readonly kind: ReadingKind;
  readonly conductor: Conductor;
  readonly before: ReadingSide;
  readonly after: ReadingSide;
  /** 1 − after ÷ before, and the range it lies in 95 times of 100. */
  readonly reduction: number;
  readonly low: number;
  readonly high: number;
  /** Whether both sides were read with the same meter: else its error counts on both. */
  readonly meters: "same" | "different" | "not-noted";
  /** The same with the before side brought to the volts of the after side; null where volts are missing on one. */
  readonly atSameVolts: { readonly beforeV: number; readonly afterV: number; readonly reduction: number } | null;
}

/** Running amps before and after, brought to the same air and volts as far as these were noted. */
export interface RunningComparison extends Comparison {
  /** cannot-tell: what is not known of weather and volts explains what is seen, and a change would not be seen. */
  readonly verdict: "same" | "changed" | "cannot-tell";
  /** Share by which running amps rose once air and volts are allowed for, with its 95 % range. */
  readonly change: { readonly middle: number; readonly low: number; readonly high: number };
  /** What nobody noted on one side or both. */
  readonly missing: readonly ("air" | "volts")[];
}

/** Why a reading does not count. It is kept and shown all the same. */
const LEFT_OUT_REASONS = ["unlike", "above-locked", "outlier", "run-reads-low", "start-winding", "not-rested"] as const;
export type LeftOutReason = (typeof LEFT_OUT_REASONS)[number];

/** What the readings are worth; worded in the interface. */
export const READING_VERDICTS = [
  "as-expected",
  "less-than-expected",
  "more-than-expected",
  "no-reduction",
  "cannot-tell",
  "no-before",
  "no-after",
  "nothing-alike",
  "none",
] as const;
export type ReadingVerdict = (typeof READING_VERDICTS)[number];

export interface ReadingStudy {
  readonly verdict: ReadingVerdict;
  readonly start: Comparison | null;
  readonly running: RunningComparison | null;
  /** Range of reductions that this kind of reading should show, shares, and whether the model of this very unit gave it. */
  readonly expected: { readonly low: number; readonly high: number; readonly ofUnit: boolean } | null;
  readonly leftOut: readonly { readonly id: string; readonly reason: LeftOutReason }[];
  /** Sides with fewer readings than wanted. */
  readonly few: readonly ("before" | "after")[];
  /** Sides with just two start readings that lie too far apart: a third tells which of them counts. */
  readonly disagree: readonly ("before" | "after")[];
}
