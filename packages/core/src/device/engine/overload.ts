import { logLogAt } from "../../numeric/index.ts";
import { fail, itemAt, ok, type Result } from "../../quantity/index.ts";
import { OVERLOAD_NEVER_SHARE, OVERLOAD_POINTS } from "../../reference/index.ts";

/** Overload against time to shut down: share of running watts against seconds, shares rising. */
export type OverloadCurve = readonly { readonly x: number; readonly y: number }[];

/** Why points are no overload curve. */
export type OverloadFailure = "too-few" | "multiples-not-rising" | "seconds-not-falling";

/** Checks points that a user typed in. `where` is the place of the point, from 1. */
export function checkOverload(points: OverloadCurve): Result<OverloadCurve, OverloadFailure> {
  if (points.length < 2) return fail("too-few", "1");
  for (const [i, { x, y }] of points.entries()) {
    const before = points[i - 1];
    if (before !== undefined && x <= before.x) return fail("multiples-not-rising", String(i + 1));
    if (before !== undefined && y > before.y) return fail("seconds-not-falling", String(i + 1));
  }
  return ok(points);
}

/**
 * Seconds until a generator shuts down at a steady share of its running watts. Never at or below the share
 * it carries for good; from there to the first point it falls from never as the reciprocal of what is above.
 */
export function shutdownAfterS(share: number, curve: OverloadCurve = OVERLOAD_POINTS): number {
  const first = itemAt(curve, 0);
  if (share <= Math.min(OVERLOAD_NEVER_SHARE, first.x)) return Number.POSITIVE_INFINITY;
  if (share < first.x && first.x > OVERLOAD_NEVER_SHARE)
    return (first.y * (first.x - OVERLOAD_NEVER_SHARE)) / (share - OVERLOAD_NEVER_SHARE);
  return logLogAt(curve, share);
}
