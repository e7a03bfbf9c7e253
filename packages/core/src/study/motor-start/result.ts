import type { CurrentLimits } from "./current-limits.ts";
import type { StartIssue } from "./issues.ts";
import type { SteadyRunning } from "./steady.ts";

export type StartStatus = "started" | "stalled" | "tripped";
export const START_REASONS = [
  "at-speed",
  "below-speed",
  "starter-gave-up",
  "source-undervoltage",
  "engine-stalled",
  "breaker-tripped",
  "battery-low",
] as const;
export type StartReason = (typeof START_REASONS)[number];

/** One row for each period of the source from t = 0; `t` at its end. */
export interface CycleRow {
  readonly t: number;
  readonly rmsA: number;
  readonly compressorA: number;
  readonly volts: number;
  readonly watts: number;
  readonly radS: number;
}

/** Peaks of the whole line current, each of its kind. */
export interface StartPeaks {
  readonly firstHalfCycleA: number;
  readonly cycleRmsA: number;
  readonly inrush100msA: number;
  readonly maxHoldA: number;
}

/** A margin against one limit, in the unit that decides. */
export interface Headroom {
  /** What is asked, and what there is; amps. */
  readonly askedA: number;
  readonly limitA: number | null;
  /** limit − asked; negative when it is too much; null when nothing limits. */
  readonly marginA: number | null;
  /** How far the margin may be off, amps. */
  readonly toleranceA: number;
  /** True when the source gave less than was asked and folded its voltage. */
  readonly foldedBack: boolean;
}

/** One limit and the share of it that was used; above 1 is too much. */
export interface LimitUse {
  readonly code: (typeof LIMIT_CODES)[number];
  readonly share: number;
}
export const LIMIT_CODES = ["start-current", "breaker-heat", "run-limit", "run-volts", "engine-speed", "battery-volts"] as const;

/** What the battery behind an inverter gives, at the worst of the start and in steady running. */
export interface BatteryUse {
  readonly startA: number;
  readonly startV: number;
  readonly runA: number | null;
  readonly runV: number | null;
  readonly cutOffV: number;
}

/** How a breaker that starts cold fares when the start is repeated with rests between. */
export interface BreakerRow {
  readonly restS: number;
  /** Starts until it may trip, and until it trips; null for however many. */
  readonly mayTripAt: number | null;
  readonly tripsAt: number | null;
}

/** A further try of a starter that let go. */
export interface Retry {
  readonly limitA: number;
  readonly startS: number | null;
  readonly tripped: boolean;
}

export interface StartResult {
  readonly status: StartStatus;
  readonly reason: StartReason;
  readonly startS: number | null;
  readonly peak: StartPeaks;
  readonly minVolts: number;
  readonly endRadS: number;
  readonly synchronousRadS: number;
  readonly running: SteadyRunning | null;
  readonly start: Headroom;
  readonly run: Headroom | null;
  /** For how long its source lets a current pass; null where nothing limits. */
  readonly allowed: CurrentLimits | null;
  readonly battery: BatteryUse | null;
  readonly breaker: BreakerRow | null;
  /** What the starter does after it let go, one try after each delay; empty when it did not. */
  readonly retries: readonly Retry[];
  readonly limits: readonly LimitUse[];
  /** Electrical energy the whole line took over the run, J. */
  readonly energyJ: number;
  /** Time in which the line carried more than it does running, s; null when it did not come to that. */
  readonly aboveRunningS: number | null;
  readonly events: {
    readonly trippedAtS: number | null;
    readonly starterOpenedAtS: number | null;
    readonly bypassAtS: number | null;
    readonly capacitorOutAtS: number | null;
  };
  readonly issues: readonly StartIssue[];
  readonly cycles: readonly CycleRow[];
}
