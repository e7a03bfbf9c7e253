import type { AssumedCode } from "../motor-start/index.ts";
import type { Trial } from "./trial.ts";

/** Some trials, and how many draws could not be true on the way. */
export interface Batch {
  readonly trials: readonly Trial[];
  readonly rejected: number;
}

/** How much of the margin's spread goes with one unknown, 0 to 1. */
export interface Influence {
  readonly code: AssumedCode;
  readonly share: number;
}

/** What the trials say together. */
export interface Confidence {
  readonly trials: number;
  readonly holds: number;
  readonly starts: number;
  readonly share: number;
  readonly interval: readonly [number, number];
  readonly rejectedShare: number;
}
