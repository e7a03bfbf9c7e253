// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { largestWindowA, type StartTrace, type TripCause } from "./record.ts";
import type { CycleRow, StartPeaks, StartReason, StartStatus } from "./result.ts";

/** Windows of the two ways a clamp meter takes a start, s (common practice, no source). */
const INRUSH_WINDOW_S = 0.1;
const MAX_HOLD_WINDOW_S = 0.4;

/** Rows of one source period each, from the half cycles of a trace, up to the seconds that are shown. */
export function cycleRows(trace: StartTrace, seconds: number): CycleRow[] {
  const { rmsA, compressorA, volts, watts, radS } = trace.meter;
  const rows: CycleRow[] = [];
  const shown = Math.min(trace.halfCycles, Math.floor(seconds / trace.halfCycleS + 1e-6));
  for (let j = 0; j + 1 < shown; j += 2) {
    const both = (of: Float64Array): number => Math.sqrt((of[j]! ** 2 + of[j + 1]! ** 2) / 2);
    rows.push({
      t: (j + 2) * trace.halfCycleS,
      rmsA: both(rmsA),
      compressorA: both(compressorA),
      volts: both(volts),
      watts: (watts[j]! + watts[j + 1]!) / 2,
      radS: radS[j + 1]!,
    });
  }
  return rows;
}

/** Peaks of a trace, each of its kind. */
export function peaksOf(trace: StartTrace): StartPeaks {
  return {
    firstHalfCycleA: trace.meter.firstHalfCycleA,
    cycleRmsA: largestCycleA(trace),
    inrush100msA: largestWindowA(trace, INRUSH_WINDOW_S),
    maxHoldA: largestWindowA(trace, MAX_HOLD_WINDOW_S),
  };
}

/** Largest RMS of one whole period of the source, amps. */
export function largestCycleA(trace: StartTrace): number {
  const { rmsA } = trace.meter;
  let most = 0;
  for (let j = 0; j + 1 < trace.halfCycles; j += 2) most = Math.max(most, Math.sqrt((rmsA[j]! ** 2 + rmsA[j + 1]! ** 2) / 2));
  return most;
}

const TRIP_REASON = {
  breaker: "breaker-tripped",
  source: "source-undervoltage",
  engine: "engine-stalled",
  battery: "battery-low",
  manager: "manager-cut-out",
} as const satisfies Record<Exclude<TripCause, "overload">, StartReason>;

/** How a start ended, why, and in what time; null when it was not made. */
export interface Outcome {
  readonly status: StartStatus;
  readonly reason: StartReason;
  readonly startS: number | null;
}

/** How the start ended, and why: what ended it before it was at speed comes first. */
export function outcomeOf({ tripped: ended, startedAtS, starterOpenedAtS, decidedAtS }: StartTrace): Outcome {
  const tripped = ended !== null && ended.atS <= decidedAtS ? ended : null;
  if (tripped !== null && tripped.by !== "overload") return { status: "tripped", reason: TRIP_REASON[tripped.by], startS: null };
  if (tripped !== null) return { status: "stalled", reason: "overload-opened", startS: null };
  if (startedAtS !== null) return { status: "started", reason: "at-speed", startS: startedAtS };
  return { status: "stalled", reason: starterOpenedAtS === null ? "below-speed" : "starter-gave-up", startS: null };
}
