import { median } from "../../numeric/index.ts";
import type { ClampReading } from "./input.ts";
import { READING_PARAMS as P } from "./params.ts";
import type { Comparison, ReadingSide } from "./result.ts";

/** Readings of one side without those far from the middle of three or more. */
export function withoutOutliers(side: readonly ClampReading[]): readonly ClampReading[] {
  if (side.length < 3) return side;
  const middle = median(side.map((r) => r.amps));
  return side.filter((r) => Math.abs(r.amps - middle) <= P.outlierShare.value * middle);
}

/** Middle and extremes of one side; null where there is nothing. */
export function sideOf(readings: readonly ClampReading[]): ReadingSide | null {
  const amps = withoutOutliers(readings).map((r) => r.amps);
  return amps.length === 0 ? null : { medianA: median(amps), lowA: Math.min(...amps), highA: Math.max(...amps), count: amps.length };
}

/** Whether two readings of a side are too far apart to tell which counts. */
export function apart({ count, lowA, highA, medianA }: ReadingSide): boolean {
  return count === 2 && highA - lowA > P.outlierShare.value * medianA;
}

/** Whether all readings were taken with one meter. */
export function metersOf(readings: readonly ClampReading[]): Comparison["meters"] {
  const names = new Set(readings.map((r) => r.meter?.trim().toLowerCase() ?? ""));
  if (names.has("")) return "not-noted";
  return names.size === 1 ? "same" : "different";
}

/** Standard deviation that meters put on the logarithm of one side over the other: none where one meter read both. */
export function gainDeviation(before: readonly ClampReading[], after: readonly ClampReading[]): number {
  if (metersOf([...before, ...after]) === "same") return 0;
  const gain = (side: readonly ClampReading[]): number => P.gainOfTolerance.value * Math.max(...side.map((r) => r.tolerance));
  return Math.hypot(gain(before), gain(after));
}
