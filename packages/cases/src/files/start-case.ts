import { nominalVolts } from "@amp-saver/core/device/compressor-motor";
import { celsiusFromF, faradFromUf, metresFromFt, type Quantity, quantity, W_PER_BTU_H, withoutUndefined } from "@amp-saver/core/quantity";
import { isCircuit, type MethodCase, type SourceCase, type StartCase, type UnitCase } from "@amp-saver/core/study/motor-start";
import { z } from "zod";
import { type Bounds, START_BOUNDS } from "./limits.ts";

const number = (path: keyof typeof START_BOUNDS) => {
  const { min, max }: Bounds = START_BOUNDS[path];
  return z.number().min(min).max(max);
};

/** A figure of which there may be none at all. */
const numberOrNone = (path: keyof typeof START_BOUNDS) => z.preprocess((given) => (given === "none" ? 0 : given), number(path).optional());

export const unitSchema = z.strictObject({
  volts: number("unit.volts"),
  hz: z.literal([50, 60]).optional(),
  rlaA: number("unit.rlaA").optional(),
  lraA: number("unit.lraA").optional(),
  lowestVolts: number("unit.lowestVolts").optional(),
  fanA: numberOrNone("unit.fanA"),
  runCapUf: number("unit.runCapUf").optional(),
  startAidUf: numberOrNone("unit.startAidUf"),
  coolingBtuH: number("unit.coolingBtuH").optional(),
  seenToStart: z.boolean().optional(),
  plugIn: z.boolean().optional(),
});

const motorSchema = z.strictObject({
  r1: number("motor.r1"),
  x1: number("motor.x1"),
  r2: number("motor.r2"),
  x2: number("motor.x2"),
  xm: number("motor.xm"),
  turnsRatio: number("motor.turnsRatio"),
  ra: number("motor.ra"),
  xa: number("motor.xa"),
  poles: z.literal([2, 4, 6]),
  inertiaKgM2: number("motor.inertiaKgM2"),
});

const loadSchema = z.strictObject({
  ratedNm: number("load.ratedNm").optional(),
  breakaway: number("load.breakaway").optional(),
  build: number("load.build").optional(),
  buildRevs: number("load.buildRevs").optional(),
});

export const methodSchema = z.strictObject({
  method: z.literal(["as-found", "direct", "hard", "soft"]),
  startCapUf: number("start.startCapUf").optional(),
  limitA: number("start.limitA").optional(),
});

export const sourceSchema = z.strictObject({
  kind: z.literal(["ideal", "shore", "inverter-generator", "generator", "inverter"]),
  volts: number("source.volts").optional(),
  ohm: number("source.ohm").optional(),
  mH: number("source.mH").optional(),
  closingDeg: number("source.closingDeg").optional(),
  breakerA: number("source.breakerA").optional(),
  backgroundA: numberOrNone("source.backgroundA"),
  legs: z.literal([1, 2]).optional(),
  manager: z.boolean().optional(),
  runningW: number("source.runningW").optional(),
  surgeW: number("source.surgeW").optional(),
  surgeS: number("source.surgeS").optional(),
  altitudeFt: number("source.altitudeFt").optional(),
  ambientF: number("source.ambientF").optional(),
  xd: number("source.xd").optional(),
  inertiaS: number("source.inertiaS").optional(),
  regulatorS: number("source.regulatorS").optional(),
  ceiling: number("source.ceiling").optional(),
  governorS: number("source.governorS").optional(),
});

/** The shape of `amp-saver/start-case`, version 1. */
export const startCaseSchema = z.strictObject({
  format: z.literal("amp-saver/start-case"),
  version: z.literal(1),
  unit: unitSchema,
  motor: motorSchema.optional(),
  load: loadSchema.optional(),
  start: methodSchema,
  source: sourceSchema,
  seconds: number("seconds").optional(),
  restS: number("restS").optional(),
  trials: z.int().min(START_BOUNDS.trials.min).max(START_BOUNDS.trials.max).optional(),
  seed: z.int().min(START_BOUNDS.seed.min).max(START_BOUNDS.seed.max).optional(),
  smallest: z.boolean().optional(),
});
type StartCaseFile = z.infer<typeof startCaseSchema>;

const DEFAULT_SECONDS = 3;
const DEFAULT_AMBIENT_F = 95;
const DEFAULT_HZ = 60;

/** A case as core wants it, or the line that says what is missing. */
export function caseFromFile(file: StartCaseFile): StartCase | string {
  const { unit, source, motor } = file;
  if (unit.lraA === undefined && unit.rlaA === undefined && unit.coolingBtuH === undefined && motor === undefined)
    return "unit.lraA is missing (or unit.rlaA, unit.coolingBtuH, or a whole motor)";
  if (!isCircuit(source) && source.runningW === undefined && source.surgeW === undefined)
    return "source.runningW is missing (or source.surgeW; 50 to 100000 W)";
  const hz = unit.hz ?? DEFAULT_HZ;
  return {
    unit: unitFromFile(file, hz),
    source: sourceCase(file, hz),
    method: methodCase(file),
    ...(source.backgroundA !== undefined && { backgroundA: source.backgroundA }),
    outdoorC: celsiusFromF(source.ambientF ?? DEFAULT_AMBIENT_F),
    seconds: file.seconds ?? DEFAULT_SECONDS,
    ...(file.restS !== undefined && { restS: file.restS }),
  };
}

const stated = (value: number): Quantity => quantity(value, "plate");

/** A unit as core wants it. */
export function unitFromFile(file: Pick<StartCaseFile, "unit"> & Partial<Pick<StartCaseFile, "motor" | "load">>, hz: number): UnitCase {
  const { unit, motor, load } = file;
  return {
    plateVolts: unit.volts,
    hz,
    ...(unit.startAidUf !== undefined && { startAidF: faradFromUf(unit.startAidUf) }),
    ...withoutUndefined({ seenToStart: unit.seenToStart, plugIn: unit.plugIn, lowestVolts: unit.lowestVolts }),
    ...(unit.lraA !== undefined && { lockedRotorA: stated(unit.lraA) }),
    ...(unit.rlaA !== undefined && { ratedLoadA: stated(unit.rlaA) }),
    ...(unit.fanA !== undefined && { fanA: stated(unit.fanA) }),
    ...(unit.runCapUf !== undefined && { runCapacitorF: stated(faradFromUf(unit.runCapUf)) }),
    ...(unit.coolingBtuH !== undefined && { coolingW: stated(unit.coolingBtuH * W_PER_BTU_H) }),
    ...(motor !== undefined && { motor: { ...motor, hz } }),
    ...(load !== undefined && { load: withoutUndefined(load) }),
  };
}

function sourceCase(file: StartCaseFile, hz: number): SourceCase {
  const { source, unit } = file;
  const common = {
    volts: stated(source.volts ?? nominalVolts(unit.volts, hz)),
    closingDeg: source.closingDeg ?? 0,
    ...withoutUndefined({ legs: source.legs, manager: source.manager }),
    ...(source.ohm !== undefined && { ohm: stated(source.ohm) }),
    ...(source.mH !== undefined && { henry: stated(source.mH / 1000) }),
  };
  if (isCircuit(source)) {
    return { ...common, kind: source.kind, ...(source.breakerA !== undefined && { breakerA: stated(source.breakerA) }) };
  }
  const rated = {
    ...(source.altitudeFt !== undefined && { altitudeM: metresFromFt(source.altitudeFt) }),
    ...(source.runningW !== undefined && { runningW: stated(source.runningW) }),
    ...(source.surgeW !== undefined && { surgeW: stated(source.surgeW) }),
    ...(source.surgeS !== undefined && { surgeS: stated(source.surgeS) }),
  };
  if (source.kind !== "generator") return { ...common, ...rated, kind: source.kind };
  return {
    ...common,
    ...rated,
    kind: "generator",
    ...withoutUndefined({
      xd: source.xd,
      avrTimeConstantS: source.regulatorS,
      fieldCeilingPu: source.ceiling,
      inertiaConstantS: source.inertiaS,
      governorTimeConstantS: source.governorS,
    }),
  };
}

function methodCase(file: StartCaseFile): MethodCase {
  const { method, startCapUf, limitA } = file.start;
  const capacitor = startCapUf !== undefined && { startCapacitorF: faradFromUf(startCapUf) };
  if (method === "soft") return { kind: "soft", ...capacitor, ...(limitA !== undefined && { limitA }) };
  if (method === "hard") return { kind: "hard", ...capacitor };
  return { kind: method };
}
