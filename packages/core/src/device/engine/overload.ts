import { logLogAt } from "../../numeric/index.ts";
import { OVERLOAD_NEVER_SHARE, OVERLOAD_POINTS } from "../../reference/index.ts";

/** Overload against time to shut down: share of running watts against seconds, shares rising. */
export type OverloadCurve = readonly { readonly x: number; readonly y: number }[];

/**
 * Seconds until a generator shuts down at a steady share of its running watts. Never at or below the share
 * it carries for good; from there to the first point it falls from never as the reciprocal of what is above.
 */
export function shutdownAfterS(share: number, curve: OverloadCurve = OVERLOAD_POINTS): number {
  const first = curve[0]!;
  if (share <= OVERLOAD_NEVER_SHARE) return Number.POSITIVE_INFINITY;
  if (share < first.x) return (first.y * (first.x - OVERLOAD_NEVER_SHARE)) / (share - OVERLOAD_NEVER_SHARE);
  return logLogAt(curve, share);
}
