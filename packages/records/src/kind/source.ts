import { CHEMISTRIES } from "@amp-saver/core/device/battery";
import { ALTITUDE_RULES } from "@amp-saver/core/device/engine";
import { GAUGES } from "@amp-saver/core/reference";
import { z } from "zod";
import { asItWas, defineRecord, type RecordFrom } from "../define.ts";
import { bounded, figure, photographed } from "../figure.ts";
import { type Birth, type RigId, rigId, type SourceId, title } from "../identity.ts";
import { spells } from "../spell.ts";

/** Most cords and adapters in a row, and most points of a list typed in. */
export const MOST_CORDS = 6;
export const MOST_POINTS = 12;

const cordSchema = z.strictObject({ awg: z.literal(GAUGES), lengthM: bounded("cordM") });

/** What may sit between a source and the rig, each with a word of its own to say. */
export const GEAR = ["adapter", "surge-protector", "load-shed", "gfci", "transfer", "interlock"] as const;
export type Gear = (typeof GEAR)[number];

const common = {
  rigId,
  name: title,
  volts: photographed("sourceVolts"),
  /** Cords and adapters between source and rig. */
  cords: z.array(cordSchema).max(MOST_CORDS).optional(),
  /** Hot legs that reach the rig; an adapter may put both on one. One where nothing is said. */
  legs: z.literal([1, 2]).optional(),
  /** When in a day it is there: hook-up from and to, a set outside quiet hours; all day where nothing is said. */
  hours: spells.optional(),
  /** Smallest rating printed on an adapter between this source and the rig. */
  adapterA: figure("breakerA").optional(),
  /** What sits between this source and the rig. */
  gear: z.array(z.literal(GEAR)).max(GEAR.length).optional(),
};

const edge = z
  .array(z.strictObject({ x: z.number().gt(1).max(200), y: z.number().gt(0).max(100_000) }))
  .min(2)
  .max(MOST_POINTS);

const shore = {
  type: z.literal("shore"),
  breakerA: figure("breakerA").optional(),
  ohm: figure("sourceOhm").optional(),
  /** Volts at the rig without a load, with one, and that load's amps. */
  idleV: figure("sourceVolts").optional(),
  loadedV: figure("sourceVolts").optional(),
  loadedA: figure("readingA").optional(),
  /** The breaker's own band: multiples of its rating against seconds. */
  band: z.strictObject({ earliest: edge, latest: edge }).optional(),
};

const rated = {
  runningW: photographed("runningW").optional(),
  surgeW: photographed("surgeW").optional(),
  surgeS: figure("surgeS").optional(),
};

const engine = {
  altitudeSchool: z.literal(ALTITUDE_RULES).optional(),
  heatCounts: z.boolean().optional(),
  propane: z.boolean().optional(),
  eco: z.boolean().optional(),
  /** Its own overload curve: share of running watts against seconds to shut down. */
  overload: z
    .array(z.strictObject({ x: z.number().gt(1).max(200), y: z.number().gt(0).max(100_000) }))
    .min(2)
    .max(MOST_POINTS)
    .optional(),
  /** Fuel in the tank. */
  tankL: figure("tankL").optional(),
};
const inverterGenerator = {
  type: z.literal("inverter-generator"),
  ...rated,
  ...engine,
  /** A second set run in parallel, both made for it. */
  second: z.strictObject({ runningW: figure("runningW").optional(), surgeW: figure("surgeW").optional() }).optional(),
};
const generator = { type: z.literal("generator"), ...rated, ...engine };
const inverter = {
  type: z.literal("inverter"),
  ...rated,
  /** Ratings between surge and continuous. */
  endurance: z
    .array(z.strictObject({ watts: bounded("enduranceW"), seconds: bounded("enduranceS") }))
    .max(MOST_POINTS)
    .optional(),
  bankV: photographed("bankVolts").optional(),
  bankOhm: figure("bankOhm").optional(),
  efficiency: figure("efficiency").optional(),
  cutOffV: figure("bankVolts").optional(),
  /** What the bank holds, of what kind it is, and how far it is to be emptied. */
  bankAh: figure("bankAh").optional(),
  chemistry: z.literal(CHEMISTRIES).optional(),
  /** Amps that its BMS carries for good, and at which it cuts out. */
  bmsContinuousA: figure("bmsA").optional(),
  bmsPeakA: figure("bmsA").optional(),
  depth: figure("depth").optional(),
  /** Shore amps that it lets through and adds to. */
  shoreLimitA: figure("shoreLimitA").optional(),
};

/** What the rig may run on: a circuit of the grid, a generator with inverter or a conventional one, a battery inverter. */
export const sourceRecord = defineRecord({
  kind: "source",
  migrations: {
    "source-2-adds-cords-and-curves": asItWas,
    "source-3-adds-legs-gear-and-bank": asItWas,
    "source-4-adds-battery-manager": asItWas,
    "source-5-adds-adapter-amps": asItWas,
    "source-6-adds-plate-by-photo": asItWas,
  },
  schema: (base) =>
    z.discriminatedUnion("type", [
      z.strictObject({ ...base, ...common, ...shore }),
      z.strictObject({ ...base, ...common, ...inverterGenerator }),
      z.strictObject({ ...base, ...common, ...generator }),
      z.strictObject({ ...base, ...common, ...inverter }),
    ]),
  references: ["rigId"],
});
export type Source = RecordFrom<typeof sourceRecord>;
export type ShoreSource = Extract<Source, { readonly type: "shore" }>;
export type InverterSource = Extract<Source, { readonly type: "inverter" }>;
export type GeneratorSource = Extract<Source, { readonly type: "inverter-generator" | "generator" }>;

/** A shore circuit whose breaker is not read yet. */
export function newShore(birth: Birth<SourceId>, rigId: RigId, name: string): ShoreSource {
  return { ...sourceRecord.born(birth), rigId, name, type: "shore", volts: { value: 120, from: "typical" } };
}

/** A generator whose sheet is not read yet: with inverter, or conventional. */
export function newGenerator(
  birth: Birth<SourceId>,
  rigId: RigId,
  name: string,
  type: GeneratorSource["type"] = "inverter-generator",
): GeneratorSource {
  return { ...sourceRecord.born(birth), rigId, name, type, volts: { value: 120, from: "typical" } };
}

/** A battery inverter whose sheet is not read yet. */
export function newInverter(birth: Birth<SourceId>, rigId: RigId, name: string): InverterSource {
  return { ...sourceRecord.born(birth), rigId, name, type: "inverter", volts: { value: 120, from: "typical" } };
}
