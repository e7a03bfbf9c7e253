import { COMPRESSOR_MOTOR_PARAMS as MOTOR } from "@amp-saver/core/device/compressor-motor";
import { HARD_START_PARAMS as HARD } from "@amp-saver/core/device/hard-start";
import { INVERTER_GENERATOR_PARAMS as GENERATOR } from "@amp-saver/core/device/inverter-generator";
import { SHORE_PARAMS as SHORE } from "@amp-saver/core/device/shore";
import { FIGURES, type FigureName } from "@amp-saver/core/figure";
import { fahrenheitFromC, ftFromMetres, rowOf, W_PER_BTU_H } from "@amp-saver/core/quantity";
import { SEED_MOST, WAIT_MOST_S } from "@amp-saver/core/study/practice";

/** Bounds of every number a start case may carry, by its path. */
export interface Bounds {
  readonly min: number;
  readonly max: number;
  readonly unit: string;
}

const bounds = (min: number, max: number, unit: string): Bounds => ({ min, max, unit });
const of = (param: { min: number; max: number; unit: string }): Bounds => bounds(param.min, param.max, param.unit);

/** The bounds a record's figure has, in the file's unit. */
function kept(name: FigureName, unit: string, fromSi: (value: number) => number = (value) => value): Bounds {
  const round = (value: number): number => Number(fromSi(value).toPrecision(6));
  return bounds(round(FIGURES[name].min), round(FIGURES[name].max), unit);
}

const MOST_TRIALS = 5000;

export const START_BOUNDS = {
  "unit.volts": kept("plateVolts", "V"),
  "unit.lowestVolts": kept("plateVolts", "V"),
  "unit.rlaA": kept("ratedLoadA", "A"),
  "unit.lraA": kept("lockedRotorA", "A"),
  "unit.fanA": kept("fanA", "A"),
  "unit.runCapUf": kept("runCapacitorF", "µF", (f) => 1e6 * f),
  "unit.startAidUf": kept("startAidF", "µF", (f) => 1e6 * f),
  "unit.coolingBtuH": kept("coolingW", "BTU/h", (w) => w / W_PER_BTU_H),
  "motor.r1": bounds(0.001, 1000, "ohm"),
  "motor.x1": bounds(0.001, 1000, "ohm"),
  "motor.r2": bounds(0.001, 1000, "ohm"),
  "motor.x2": bounds(0.001, 1000, "ohm"),
  "motor.xm": bounds(0.01, 10000, "ohm"),
  "motor.turnsRatio": of(MOTOR.turnsRatio),
  "motor.ra": bounds(0.001, 1000, "ohm"),
  "motor.xa": bounds(0.001, 1000, "ohm"),
  "motor.inertiaKgM2": bounds(1e-6, 10, "kg·m²"),
  "load.ratedNm": bounds(0, 200, "N·m"),
  "load.breakaway": of(MOTOR.breakaway),
  "load.build": bounds(0, 2, "1"),
  "load.buildRevs": bounds(1, 1e5, "rev"),
  "start.startCapUf": bounds(0, HARD.startCapacitorUf.max, "µF"),
  "start.limitA": bounds(1, 1000, "A"),
  "source.volts": kept("sourceVolts", "V"),
  "source.ohm": of(SHORE.ohm),
  "source.mH": of(SHORE.mH),
  "source.closingDeg": bounds(0, 360, "°"),
  "source.breakerA": of(SHORE.breakerA),
  "source.backgroundA": kept("otherLoadsA", "A"),
  "source.runningW": kept("runningW", "W"),
  "source.surgeW": kept("surgeW", "W"),
  "source.surgeS": of(GENERATOR.surgeS),
  "source.altitudeFt": kept("altitudeM", "ft", ftFromMetres),
  "source.ambientF": kept("outdoorC", "°F", fahrenheitFromC),
  "source.xd": bounds(0.01, 2, "pu"),
  "source.inertiaS": bounds(0.01, 20, "s"),
  "source.regulatorS": bounds(0.001, 10, "s"),
  "source.ceiling": bounds(0.5, 5, "pu"),
  "source.governorS": bounds(0.001, 10, "s"),
  seconds: bounds(0.1, 10, "s"),
  restS: bounds(0, 86_400, "s"),
  trials: bounds(0, MOST_TRIALS, "1"),
  seed: bounds(0, 1_000_000, "1"),
} as const satisfies Readonly<Record<string, Bounds>>;

export const BUDGET_BOUNDS = {
  "source.volts": kept("sourceVolts", "V"),
  "source.breakerA": of(SHORE.breakerA),
  "source.runningW": kept("runningW", "W"),
  "source.surgeW": kept("surgeW", "W"),
  "source.startLimitA": bounds(1, 2000, "A"),
  "source.altitudeFt": kept("altitudeM", "ft", ftFromMetres),
  "source.ambientF": kept("outdoorC", "°F", fahrenheitFromC),
  "loads.runA": bounds(0, 400, "A"),
  "loads.runW": bounds(0, 100000, "W"),
  "loads.startA": bounds(0, 2000, "A"),
  "loads.priority": bounds(1, 5, "1"),
} as const satisfies Readonly<Record<string, Bounds>>;

export const READING_BOUNDS = {
  "readings.amps": kept("readingA", "A"),
  "readings.volts": kept("readingVolts", "V"),
  "readings.loadedVolts": kept("readingVolts", "V"),
  "readings.restS": bounds(0, 86_400, "s"),
  "readings.outdoorF": kept("outdoorC", "°F", fahrenheitFromC),
  "readings.tolerance": bounds(0, 0.5, "1"),
} as const satisfies Readonly<Record<string, Bounds>>;

export const WIRING_BOUNDS = {
  "parts.tabs": bounds(0, 10, "tabs"),
  "conductors.awg": bounds(0, 26, "AWG"),
} as const satisfies Readonly<Record<string, Bounds>>;

export const PRACTICE_BOUNDS = {
  seed: bounds(0, SEED_MOST, "1"),
  "sources.volts": kept("sourceVolts", "V"),
  "sources.breakerA": of(SHORE.breakerA),
  "sources.runningW": kept("runningW", "W"),
  "sources.surgeW": kept("surgeW", "W"),
  "faults.uF": kept("runCapacitorF", "µF", (f) => 1e6 * f),
  "acts.seconds": bounds(0, WAIT_MOST_S, "s"),
} as const satisfies Readonly<Record<string, Bounds>>;

/** What a number at this path may be, in words; undefined where there is none. Places in a list do not matter. */
export function limitsInWords(path: string): string | undefined {
  const name = path.replaceAll(/\.\d+\./g, ".");
  const found = rowOf<Bounds>({ ...BUDGET_BOUNDS, ...WIRING_BOUNDS, ...READING_BOUNDS, ...PRACTICE_BOUNDS, ...START_BOUNDS }, name);
  return found && `${found.min} to ${found.max}${found.unit === "1" ? "" : ` ${found.unit}`}`;
}
