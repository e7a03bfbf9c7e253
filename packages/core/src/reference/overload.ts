import type { CurvePoint } from "./curve.ts";

/** Share of running watts a generator carries for good. */
export const OVERLOAD_NEVER_SHARE = 1.02;

/** Share of running watts against seconds until a generator shuts down: from memory, to be replaced by the sheet's. */
export const OVERLOAD_POINTS: readonly CurvePoint[] = [
  { x: 1.03, y: 400 },
  { x: 1.05, y: 250 },
  { x: 1.1, y: 120 },
  { x: 1.25, y: 30 },
  { x: 1.5, y: 5 },
];
