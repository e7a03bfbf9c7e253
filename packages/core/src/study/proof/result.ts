import type { ReadingStudy } from "../reading/index.ts";

/** How a predicted figure stands to the measured one. */
export type Against = "same" | "above" | "below" | "not-known";

/** What was shown on one source. */
export interface SourceShown {
  readonly sourceId: string;
  /** Longest run that ended well, minutes; 0 for none. */
  readonly minutes: number;
  /** Shortest run that ended by itself, minutes; null for none. */
  readonly failedAfterMin: number | null;
  readonly verdict: "keeps-running" | "too-short" | "stopped";
  /** Outdoor air of the run that decides; null where nobody noted it. */
  readonly outdoorC: number | null;
  readonly loadsOn: string;
}

/** What cannot be claimed, and why. */
export const PROOF_GAPS = [
  "no-before",
  "no-after",
  "nothing-alike",
  "few-readings",
  "sides-disagree",
  "not-counted",
  "not-settled",
  "no-running",
  "no-test",
  "mild-day",
  "air-not-noted",
] as const;
export type ProofGap = (typeof PROOF_GAPS)[number];

export interface ProofStudy {
  readonly readings: ReadingStudy;
  /** Measured against predicted, side by side. */
  readonly before: Against;
  readonly after: Against;
  readonly running: Against;
  readonly sources: readonly SourceShown[];
  readonly gaps: readonly ProofGap[];
}
