import { type ClampReading, CONDUCTORS, type ReadingInput } from "./input.ts";
import { READING_PARAMS as P } from "./params.ts";
import type { Comparison, LeftOutReason, ReadingStudy, ReadingVerdict, Side } from "./result.ts";

const START_KINDS = ["inrush", "max-hold", "app"] as const;

/**
 * Compares before with after, like only with like: the kind and conductor with the most readings on
 * both sides. Every other reading is named with the reason it was left out.
 */
export function studyReadings(input: ReadingInput): ReadingStudy {
  const leftOut: { id: string; reason: LeftOutReason }[] = [];
  const drop = (reading: ClampReading, reason: LeftOutReason): void => {
    leftOut.push({ id: reading.id, reason });
  };
  const usable = input.readings.filter((reading) => {
    const reason = unfit(reading, input.lockedRotorA);
    if (reason !== null) drop(reading, reason);
    return reason === null;
  });
  const starts = usable.filter((r) => r.kind !== "live");
  const live = usable.filter((r) => r.kind === "live");
  const start = compareBest(starts, START_KINDS, drop);
  const running = compareBest(live, ["live"], drop);
  const few = (["before", "after"] as const).filter((when) => {
    const side = start?.[when];
    return side === undefined ? starts.every((r) => r.when !== when) : side.count < P.wanted.value;
  });
  const runningChanged = running && Math.abs(running.reduction) > running.uncertainty;
  const disagree = (["before", "after"] as const).filter((when) => start !== null && apart(start[when]));
  return { verdict: verdictOf(start, starts, input.readings.length), start, running, runningChanged, leftOut, few, disagree };
}

function apart({ count, lowA, highA, medianA }: Side): boolean {
  return count === 2 && highA - lowA > P.outlierShare.value * medianA;
}

function unfit(reading: ClampReading, lockedRotorA: number | null): LeftOutReason | null {
  if (reading.kind !== "live" && lockedRotorA !== null && reading.amps > P.mostOverLocked.value * lockedRotorA) return "above-locked";
  const rested = reading.restMin ?? null;
  if (reading.kind !== "live" && rested !== null && rested < P.leastRestMin.value) return "not-rested";
  if (reading.kind === "live" && (reading.conductor === "run" || reading.conductor === "start")) return "run-reads-low";
  return null;
}

type Drop = (reading: ClampReading, reason: LeftOutReason) => void;

function compareBest(readings: readonly ClampReading[], kinds: readonly ClampReading["kind"][], drop: Drop): Comparison | null {
  let best: Comparison | null = null;
  let chosen: readonly ClampReading[] = [];
  const sources = [...new Set(readings.map((r) => r.sourceId ?? null))];
  const groups = kinds.flatMap((kind) => CONDUCTORS.flatMap((conductor) => sources.map((source) => ({ kind, conductor, source }))));
  for (const { kind, conductor, source } of groups) {
    const alike = readings.filter((r) => r.kind === kind && r.conductor === conductor && (r.sourceId ?? source) === source);
    const compared = compare(alike);
    if (compared !== null && (best === null || weight(compared) > weight(best))) {
      best = compared;
      chosen = alike;
    }
  }
  if (best === null) return null;
  for (const reading of readings) {
    if (!chosen.includes(reading)) drop(reading, "unlike");
    else if (!withoutOutliers(chosen.filter((r) => r.when === reading.when)).includes(reading)) drop(reading, "outlier");
  }
  return best;
}

function weight(comparison: Comparison): number {
  return Math.min(comparison.before.count, comparison.after.count) * 100 + comparison.before.count + comparison.after.count;
}

function compare(alike: readonly ClampReading[]): Comparison | null {
  const first = alike[0];
  const before = sideOf(alike.filter((r) => r.when === "before"));
  const after = sideOf(alike.filter((r) => r.when === "after"));
  if (first === undefined || before === null || after === null) return null;
  const share = after.medianA / before.medianA;
  const uncertainty = share * Math.hypot(before.uncertaintyA / before.medianA, after.uncertaintyA / after.medianA);
  const atSameVolts = sameVolts(alike, share);
  return { kind: first.kind, conductor: first.conductor, before, after, reduction: 1 - share, uncertainty, atSameVolts };
}

/** A start without a starter draws in proportion to its volts (a locked rotor is an impedance); only the before side is brought over. */
function sameVolts(alike: readonly ClampReading[], share: number): Comparison["atSameVolts"] {
  const voltsOf = (when: ClampReading["when"]): number | null => {
    const volts = alike.filter((r) => r.when === when).map((r) => r.volts ?? null);
    return volts.length === 0 || volts.includes(null) ? null : median(volts.filter((v) => v !== null));
  };
  const beforeV = voltsOf("before");
  const afterV = voltsOf("after");
  return beforeV === null || afterV === null ? null : { beforeV, afterV, reduction: 1 - share * (beforeV / afterV) };
}

function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

function withoutOutliers(side: readonly ClampReading[]): readonly ClampReading[] {
  if (side.length < 3) return side;
  const middle = median(side.map((r) => r.amps));
  return side.filter((r) => Math.abs(r.amps - middle) <= P.outlierShare.value * middle);
}

function sideOf(readings: readonly ClampReading[]): Side | null {
  const kept = withoutOutliers(readings);
  if (kept.length === 0) return null;
  const amps = kept.map((r) => r.amps);
  const medianA = median(amps);
  const lowA = Math.min(...amps);
  const highA = Math.max(...amps);
  const meterA = Math.max(...kept.map((r) => r.tolerance)) * medianA;
  return { medianA, lowA, highA, count: kept.length, uncertaintyA: Math.hypot(meterA, (highA - lowA) / 2 / Math.sqrt(kept.length)) };
}

function verdictOf(start: Comparison | null, starts: readonly ClampReading[], all: number): ReadingVerdict {
  if (start === null) {
    const before = starts.some((r) => r.when === "before");
    const after = starts.some((r) => r.when === "after");
    if (before && after) return "nothing-alike";
    if (before) return "no-after";
    if (after) return "no-before";
    return all === 0 ? "none" : "nothing-alike";
  }
  const { reduction, uncertainty } = start;
  if (reduction <= uncertainty) return "no-reduction";
  if (reduction + uncertainty < P.expectedLow.value) return "less-than-expected";
  if (reduction - uncertainty > P.expectedHigh.value) return "more-than-expected";
  return "as-expected";
}
