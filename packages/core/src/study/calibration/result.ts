import type { Split } from "../../device/compressor-motor/index.ts";
import type { Quantity } from "../../quantity/index.ts";

export const REFUSALS = ["not-on-common", "not-a-direct-start", "far-from-plate", "no-such-start", "looks-like-run", "outlier"] as const;
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

/** A unit refined by its readings; tolerances are half of 95 % ranges. */
export interface Calibration {
  readonly lockedRotorA: Quantity;
  /** Compressor's running amps at 95 °F. */
  readonly runningA: Quantity;
  readonly split: Partial<Split>;
  /** How well each figure of the make-up is known now, relative. */
  readonly splitTolerance: Partial<Record<keyof Split, number>>;
  /** Fitted inertia over typical, and in kg·m². */
  readonly inertiaShare: Quantity;
  readonly inertiaKgM2: Quantity;
  readonly rows: readonly CalibrationRow[];
  /** RMS of the used readings' relative residuals, by the plate alone and refined. */
  readonly plateResidual: number;
  readonly residual: number;
  /** How many starts were simulated for it. */
  readonly simulated: number;
}

export const CALIBRATION_FAILURES = [
  "nothing-usable",
  "contradicts-plate",
  "readings-contradict",
  "start-over-run",
  "main-against-locked",
  "no-fit",
  "needs-amps",
  "needs-watts",
  "not-this-drive",
  "aid-with-starter",
  "wrong-volts",
  "contradicts",
  "not-computable",
  "needs-lowest-volts",
] as const;
export type CalibrationFailure = (typeof CALIBRATION_FAILURES)[number];
