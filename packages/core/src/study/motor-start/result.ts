import type { CurrentLimits } from "./current-limits.ts";
import type { Finding } from "./issues.ts";
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
  "manager-cut-out",
  "overload-opened",
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

/** What room is counted by: the size of a source as a whole, or one of its limits. */
export const ROOM_BY = ["source", "breaker", "torque", "watts", "volts", "bank", "bms", "manager", "none"] as const;
export type RoomBy = (typeof ROOM_BY)[number];

/** What is to spare against the limit that decides: a share of the source, and amps beside it. */
export interface Room {
  readonly by: RoomBy;
  readonly neededA: number;
  /** Amps of this very load at which nothing would be left; null where no size of source would do, or nothing limits. */
  readonly availableA: number | null;
  readonly spareA: number | null;
  /** By how much smaller the source could be; negative where it is not enough. */
  readonly spareShare: number | null;
  /** How far the amps to spare may be off. */
  readonly toleranceA: number;
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

/** A try of a starter that gave it up. */
export interface Retry {
  readonly limitA: number;
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
  readonly start: Room;
  readonly run: Room | null;
  /** Least volts of the circuit on which this start is made; null where no volts decide, or none would do. */
  readonly leastVolts: number | null;
  /** For how long its source lets a current pass; null where nothing limits. */
  readonly allowed: CurrentLimits | null;
  readonly battery: BatteryUse | null;
  readonly breaker: BreakerRow | null;
  /** Tries of the starter before the one that is shown, each given up by itself; empty when it made the first, or has none. */
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
  readonly findings: readonly Finding[];
  readonly cycles: readonly CycleRow[];
}
