import type { Split } from "../../device/compressor-motor/index.ts";
import type { Quantity } from "../../quantity/index.ts";

export const REFUSALS = ["not-on-common", "not-a-direct-start", "far-from-plate", "no-such-start", "outlier"] as const;
/** Why a reading was not used, or is doubted. */
export type Refusal = (typeof REFUSALS)[number];

/** One reading beside the model. */
export interface CalibrationRow {
  readonly id: string;
  readonly measuredA: number;
  /** What the refined model gives, and what the plate alone gave, A; null where the model has no such start. */
  readonly modelA: number | null;
  readonly plateA: number | null;
  readonly refused: Refusal | null;
}

/** A unit refined by its readings. */
export interface Calibration {
  readonly lockedRotorA: Quantity;
  /** Compressor's running amps at 95 °F. */
  readonly runningA: Quantity;
  readonly split: Partial<Split>;
  /** Fitted inertia over typical. */
  readonly inertiaShare: Quantity;
  readonly rows: readonly CalibrationRow[];
  /** RMS of the used readings' relative residuals, by the plate alone and refined. */
  readonly plateResidual: number;
  readonly residual: number;
}

export const CALIBRATION_FAILURES = [
  "nothing-usable",
  "contradicts-plate",
  "start-over-run",
  "main-against-locked",
  "no-fit",
  "needs-amps",
  "needs-watts",
  "not-this-drive",
  "aid-with-starter",
  "wrong-volts",
  "contradicts",
  "needs-lowest-volts",
] as const;
export type CalibrationFailure = (typeof CALIBRATION_FAILURES)[number];
