import type { Conductor, ReadingKind } from "./input.ts";

/** Readings of one side that agree in kind and conductor. */
export interface Side {
  readonly medianA: number;
  readonly lowA: number;
  readonly highA: number;
  readonly count: number;
  /** Half width of what the median may be off by, amps: meter and spread. */
  readonly uncertaintyA: number;
}

/** Before against after, like with like. */
export interface Comparison {
  readonly kind: ReadingKind;
  readonly conductor: Conductor;
  readonly before: Side;
  readonly after: Side;
  /** 1 − after ÷ before, and its half width. */
  readonly reduction: number;
  readonly uncertainty: number;
  /** The same with the before side brought to the volts of the after side; null where volts are missing on one. */
  readonly atSameVolts: { readonly beforeV: number; readonly afterV: number; readonly reduction: number } | null;
}

/** Why a reading does not count. It is kept and shown all the same. */
export const LEFT_OUT_REASONS = ["unlike", "above-locked", "outlier", "run-reads-low", "not-rested"] as const;
export type LeftOutReason = (typeof LEFT_OUT_REASONS)[number];

/** What the readings are worth; worded in the interface. */
export const READING_VERDICTS = [
  "as-expected",
  "less-than-expected",
  "more-than-expected",
  "no-reduction",
  "no-before",
  "no-after",
  "nothing-alike",
  "none",
] as const;
export type ReadingVerdict = (typeof READING_VERDICTS)[number];

export interface ReadingStudy {
  readonly verdict: ReadingVerdict;
  readonly start: Comparison | null;
  readonly running: Comparison | null;
  /** Whether running amps differ by more than their uncertainty; null without both sides. */
  readonly runningChanged: boolean | null;
  readonly leftOut: readonly { readonly id: string; readonly reason: LeftOutReason }[];
  /** Sides with fewer readings than wanted. */
  readonly few: readonly ("before" | "after")[];
  /** Sides with just two start readings that lie too far apart: a third tells which of them counts. */
  readonly disagree: readonly ("before" | "after")[];
}
