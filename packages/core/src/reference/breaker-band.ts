import { itemAt } from "../quantity/index.ts";
import type { CurvePoint } from "./curve.ts";

/**
 * Generic band of a thermal-magnetic breaker, multiples of rating against seconds. UL 489 fixes that
 * it carries its rating, trips at 135 % within an hour (up to 50 A) and at 200 % within 2 min (to
 * 30 A) or 4 min (31 to 50 A); the rest is typical, from memory.
 */
export const BREAKER_EARLIEST: readonly CurvePoint[] = points([60, 10, 4, 2, 1.2, 0.8, 0.3, 0.008]);
/** Latest edge, ratings up to 30 A. */
export const BREAKER_LATEST: readonly CurvePoint[] = points([3600, 120, 35, 18, 10, 7, 4, 2]);
/** Latest edge, ratings above 30 A. */
export const BREAKER_LATEST_ABOVE_30A: readonly CurvePoint[] = points([3600, 240, 35, 18, 10, 7, 4, 2]);

function points(seconds: readonly number[]): readonly CurvePoint[] {
  const multiples = [1.35, 2, 3, 4, 5, 6, 8, 10];
  return multiples.map((x, i) => ({ x, y: itemAt(seconds, i) }));
}
