import { STARTED_SHARE, synchronousRadS } from "../../device/compressor-motor/index.ts";
import type { MotorStartInput } from "./input.ts";
import { largestWindowA, type StartTrace, type TripCause } from "./record.ts";
import type { CycleRow, StartPeaks, StartReason, StartStatus } from "./result.ts";

/** Windows of the two ways a clamp meter takes a start, s (common practice, no source). */
const INRUSH_WINDOW_S = 0.1;
const MAX_HOLD_WINDOW_S = 0.4;

/** Rows of one source period each, from the half cycles of a trace. */
export function cycleRows(trace: StartTrace): CycleRow[] {
  const { rmsA, compressorA, volts, watts, radS } = trace.meter;
  const rows: CycleRow[] = [];
  for (let j = 0; j + 1 < trace.halfCycles; j += 2) {
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
export function peaksOf(trace: StartTrace, rows: readonly CycleRow[]): StartPeaks {
  return {
    firstHalfCycleA: trace.meter.firstHalfCycleA,
    cycleRmsA: Math.max(0, ...rows.map((r) => r.rmsA)),
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

/** Time at which 0.9 of synchronous speed was reached and kept to the end, s; null when it was not. */
export function startedAtS(trace: StartTrace, input: MotorStartInput): number | null {
  const wanted = STARTED_SHARE * synchronousRadS(input.machine);
  const { radS } = trace.meter;
  if (trace.endRadS < wanted) return null;
  let k = trace.halfCycles;
  while (k > 0 && radS[k - 1]! >= wanted) k--;
  if (k === trace.halfCycles) return trace.halfCycles * trace.halfCycleS;
  const before = k === 0 ? 0 : radS[k - 1]!;
  return (k + (wanted - before) / (radS[k]! - before)) * trace.halfCycleS;
}

const TRIP_REASON = {
  breaker: "breaker-tripped",
  source: "source-undervoltage",
  engine: "engine-stalled",
  battery: "battery-low",
} as const satisfies Record<TripCause, StartReason>;

/** How the start ended, and why. */
export function outcome(trace: StartTrace, startS: number | null): { readonly status: StartStatus; readonly reason: StartReason } {
  if (trace.tripped !== null) return { status: "tripped", reason: TRIP_REASON[trace.tripped.by] };
  if (startS !== null) return { status: "started", reason: "at-speed" };
  return { status: "stalled", reason: trace.starterOpenedAtS === null ? "below-speed" : "starter-gave-up" };
}
