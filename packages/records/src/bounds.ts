import { SHORE_PARAMS as SHORE } from "@amp-saver/core/device/shore";
import { celsiusFromF, metresFromFt, W_PER_BTU_H } from "@amp-saver/core/quantity";

/** What a figure may be, in the unit it is kept in (SI), and how many decimals are worth showing. */
export interface FigureBounds {
  readonly min: number;
  readonly max: number;
  readonly unit: string;
}

/** Bounds of every figure a record may hold. */
export const FIGURE_BOUNDS = {
  plateVolts: { min: 90, max: 260, unit: "V" },
  lockedRotorA: { min: 2, max: 1000, unit: "A" },
  ratedLoadA: { min: 0.5, max: 200, unit: "A" },
  runningA: { min: 0.5, max: 200, unit: "A" },
  fanA: { min: 0, max: 50, unit: "A" },
  runCapacitorF: { min: 1e-6, max: 500e-6, unit: "F" },
  startAidF: { min: 0, max: 600e-6, unit: "F" },
  coolingW: { min: 2000 * W_PER_BTU_H, max: 150_000 * W_PER_BTU_H, unit: "W" },
  maxBreakerA: { min: 5, max: 400, unit: "A" },
  circuitA: { min: 1, max: 400, unit: "A" },
  windingOhm: { min: 0.05, max: 100, unit: "ohm" },
  sourceVolts: { min: 80, max: 280, unit: "V" },
  breakerA: { min: SHORE.breakerA.min, max: SHORE.breakerA.max, unit: "A" },
  sourceOhm: { min: 0, max: 5, unit: "ohm" },
  cordM: { min: 0, max: 300, unit: "m" },
  bankVolts: { min: 9, max: 120, unit: "V" },
  bankOhm: { min: 0.0001, max: 1, unit: "ohm" },
  efficiency: { min: 0.5, max: 1, unit: "1" },
  shoreLimitA: { min: 1, max: 100, unit: "A" },
  enduranceW: { min: 50, max: 200_000, unit: "W" },
  enduranceS: { min: 0.1, max: 86_400, unit: "s" },
  loadA: { min: 0, max: 200, unit: "A" },
  loadW: { min: 0, max: 50_000, unit: "W" },
  loadStartA: { min: 0, max: 1000, unit: "A" },
  chargeA: { min: 1, max: 500, unit: "A" },
  bmsA: { min: 1, max: 3000, unit: "A" },
  bankAh: { min: 5, max: 5000, unit: "Ah" },
  depth: { min: 0.1, max: 1, unit: "1" },
  tankL: { min: 0.5, max: 1000, unit: "l" },
  tons: { min: 0.2, max: 20, unit: "t" },
  smallUsd: { min: 0, max: 1000, unit: "USD" },
  taxPercent: { min: 0, max: 100, unit: "%" },
  workMin: { min: 0, max: 1440, unit: "min" },
  usd: { min: 0, max: 100_000, unit: "USD" },
  runningW: { min: 50, max: 100_000, unit: "W" },
  surgeW: { min: 50, max: 200_000, unit: "W" },
  surgeS: { min: 0.1, max: 3600, unit: "s" },
  hottestC: { min: -40, max: celsiusFromF(150), unit: "°C" },
  altitudeM: { min: metresFromFt(-1500), max: metresFromFt(20_000), unit: "m" },
  otherLoadsA: { min: 0, max: 200, unit: "A" },
  limitA: { min: 1, max: 1000, unit: "A" },
  readingA: { min: 0.1, max: 1000, unit: "A" },
  readingVolts: { min: 20, max: 300, unit: "V" },
  restMin: { min: 0, max: 1440, unit: "min" },
} as const satisfies Readonly<Record<string, FigureBounds>>;
export type FigureName = keyof typeof FIGURE_BOUNDS;
