import { itemAt } from "../../quantity/index.ts";
import { type ClampReading, CONDUCTORS, type ReadingInput } from "./input.ts";
import { READING_PARAMS as P } from "./params.ts";
import type { LeftOutReason } from "./result.ts";
import { sideOf, withoutOutliers } from "./sides.ts";

/** Kinds that take a start, those first that see all of a ramp. */
const START_KINDS = ["app", "max-hold", "inrush"] as const;

/** Readings that may be compared, and why the others may not. */
export interface Matched {
  /** Start readings of both sides of one kind, conductor and source, and the running ones; empty where a side is missing. */
  readonly start: readonly ClampReading[];
  readonly running: readonly ClampReading[];
  /** Start readings of any kind that are fit to be read at all. */
  readonly starts: readonly ClampReading[];
  readonly leftOut: readonly { readonly id: string; readonly reason: LeftOutReason }[];
}

/** Picks the kind, conductor and source with the most readings on both sides; every other reading is named with the reason. */
export function matchReadings({ readings, lockedRotorA }: Pick<ReadingInput, "readings" | "lockedRotorA">): Matched {
  const leftOut: { id: string; reason: LeftOutReason }[] = [];
  const drop = (reading: ClampReading, reason: LeftOutReason): void => {
    leftOut.push({ id: reading.id, reason });
  };
  const usable = readings.filter((reading) => {
    const reason = unfit(reading, lockedRotorA);
    if (reason !== null) drop(reading, reason);
    return reason === null;
  });
  const starts = usable.filter((r) => r.kind !== "live");
  const live = usable.filter((r) => r.kind === "live");
  return { start: best(starts, START_KINDS, drop), running: best(live, ["live"], drop), starts, leftOut };
}

/** Share by which the middle of the starts fell, like with like; null where nothing can be compared. */
export function middleReduction(input: Pick<ReadingInput, "readings" | "lockedRotorA">): number | null {
  const { start } = matchReadings(input);
  const before = sideOf(start.filter((r) => r.when === "before"));
  const after = sideOf(start.filter((r) => r.when === "after"));
  return before === null || after === null ? null : 1 - after.medianA / before.medianA;
}

function unfit(reading: ClampReading, lockedRotorA: number | null): LeftOutReason | null {
  if (reading.conductor === "start") return "start-winding";
  if (reading.kind === "live") return reading.conductor === "run" ? "run-reads-low" : null;
  if (lockedRotorA !== null && reading.amps > P.mostOverLocked.value * lockedRotorA) return "above-locked";
  const rested = reading.restMin ?? null;
  return rested !== null && rested < P.leastRestMin.value ? "not-rested" : null;
}

type Drop = (reading: ClampReading, reason: LeftOutReason) => void;

function best(readings: readonly ClampReading[], kinds: readonly ClampReading["kind"][], drop: Drop): readonly ClampReading[] {
  const sources = [...new Set(readings.map((r) => r.sourceId ?? null))];
  const groups = kinds.flatMap((kind) => CONDUCTORS.flatMap((conductor) => sources.map((source) => ({ kind, conductor, source }))));
  let chosen: readonly ClampReading[] = [];
  for (const { kind, conductor, source } of groups) {
    const alike = readings.filter((r) => r.kind === kind && r.conductor === conductor && (r.sourceId ?? source) === source);
    if (weight(alike) > weight(chosen)) chosen = alike;
  }
  if (chosen.length === 0) return chosen;
  for (const reading of readings) {
    if (!chosen.includes(reading)) drop(reading, "unlike");
    else if (!withoutOutliers(chosen.filter((r) => r.when === reading.when)).includes(reading)) drop(reading, "outlier");
  }
  return chosen;
}

/** How much readings of one kind say: by the smaller side up to what is wanted, then by how many there are; 0 where a side is missing. */
function weight(alike: readonly ClampReading[]): number {
  const count = (when: ClampReading["when"]): number => withoutOutliers(alike.filter((r) => r.when === when)).length;
  const least = Math.min(count("before"), count("after"), P.wanted.value);
  return least === 0 ? 0 : least * 1000 + (itemAt(alike, 0).kind === "inrush" ? 0 : 500) + count("before") + count("after");
}
