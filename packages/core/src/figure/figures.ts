import { BATTERY_PARAMS as BATTERY } from "../device/battery/index.ts";
import { HARD_START_PARAMS as HARD } from "../device/hard-start/index.ts";
import { INVERTER_GENERATOR_PARAMS as GENERATOR } from "../device/inverter-generator/index.ts";
import { SHORE_PARAMS as SHORE } from "../device/shore/index.ts";
import { celsiusFromF, faradFromUf, metresFromFt, type Param, W_PER_BTU_H } from "../quantity/index.ts";
import { DIMENSIONS, type Dimension, type Measure, type ShownAs } from "./dimension.ts";

/** A figure the product knows: what it measures and what it may be, in the unit it is kept in. */
export interface FigureRow {
  readonly dimension: Dimension;
  readonly min: number;
  readonly max: number;
  /** Its typical value with spread and source, in the unit of the parameter, where there is one. */
  readonly typical?: Param;
}

const row = (dimension: Dimension, min: number, max: number, typical?: Param): FigureRow => ({
  dimension,
  min,
  max,
  ...(typical !== undefined && { typical }),
});
/** A figure that is a parameter too: its bounds are the parameter's. */
const param = (dimension: Dimension, typical: Param): FigureRow => row(dimension, typical.min, typical.max, typical);
const uf = faradFromUf;
const btuH = (value: number): number => value * W_PER_BTU_H;

/** Every figure that is kept, typed or read from a file. */
export const FIGURES = {
  plateVolts: row("volts", 90, 260),
  lockedRotorA: row("current", 2, 1000),
  ratedLoadA: row("current", 0.5, 200),
  runningA: row("current", 0.5, 200),
  fanA: row("current", 0, 50),
  runCapacitorF: row("capacitance", uf(1), uf(500)),
  startAidF: row("capacitance", 0, uf(600), HARD.startCapacitorUf),
  coolingW: row("cooling", btuH(2000), btuH(150_000)),
  maxBreakerA: row("current", 5, 400),
  circuitA: row("current", 1, 400),
  windingOhm: row("resistance", 0.05, 100),
  sourceVolts: row("volts", 80, 280),
  breakerA: param("current", SHORE.breakerA),
  sourceOhm: row("resistance", 0, 5, SHORE.ohm),
  cordM: row("length", 0, 300),
  screwM: row("smallLength", 0, 0.2),
  gapM: row("smallLength", 0, 1),
  leadM: row("smallLength", 0, 10),
  routeM: row("smallLength", 0, 10),
  bankVolts: row("fineVolts", 9, 120),
  bankOhm: row("smallResistance", 0.0001, 1),
  efficiency: param("share", BATTERY.efficiency),
  shoreLimitA: row("current", 1, 100),
  enduranceW: row("power", 50, 200_000),
  enduranceS: row("seconds", 0.1, 86_400),
  loadA: row("current", 0, 200),
  loadW: row("power", 0, 50_000),
  loadStartA: row("current", 0, 1000),
  chargeA: row("current", 1, 500),
  bmsA: row("current", 1, 3000),
  bankAh: row("charge", 5, 5000),
  depth: row("share", 0.1, 1),
  tankL: row("volume", 0.5, 1000),
  tons: row("tons", 0.2, 20),
  smallUsd: row("smallMoney", 0, 1000),
  taxPercent: row("percent", 0, 100),
  weightKg: row("weight", 0, 300),
  workMin: row("minutes", 0, 1440),
  usd: row("money", 0, 100_000),
  runningW: row("power", 50, 100_000),
  surgeW: row("power", 50, 200_000),
  surgeS: param("seconds", GENERATOR.surgeS),
  hottestC: row("temperature", -40, celsiusFromF(150)),
  coolestC: row("temperature", -40, celsiusFromF(150)),
  outdoorC: row("temperature", -40, celsiusFromF(150)),
  roofC: row("temperature", -40, celsiusFromF(250)),
  windingC: row("temperature", -40, celsiusFromF(250)),
  altitudeM: row("altitude", metresFromFt(-1500), metresFromFt(20_000)),
  otherLoadsA: row("current", 0, 200, SHORE.otherLoadsA),
  limitA: row("current", 1, 1000),
  readingA: row("current", 0.1, 1000),
  readingVolts: row("fineVolts", 20, 300),
  printedVolts: row("volts", 50, 1000),
  restMin: row("minutes", 0, 1440),
} as const satisfies Readonly<Record<string, FigureRow>>;
export type FigureName = keyof typeof FIGURES;

/** How the figure of this name is shown and typed in a measure. */
export function shownAs(name: FigureName, measure: Measure): ShownAs {
  const { shown } = DIMENSIONS[FIGURES[name].dimension];
  return "unit" in shown ? shown : shown[measure];
}
