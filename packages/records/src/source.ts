import { CHEMISTRIES } from "@amp-saver/core/device/battery";
import { ALTITUDE_SCHOOLS } from "@amp-saver/core/device/engine";
import { GAUGES } from "@amp-saver/core/reference";
import { z } from "zod";
import { bounded, figure } from "./figure.ts";
import { rigId, sourceId, stamp, title } from "./identity.ts";
import { spells } from "./spell.ts";

/** Most cords and adapters in a row, and most points of a list typed in. */
export const MOST_CORDS = 6;
export const MOST_POINTS = 12;

const cordSchema = z.strictObject({ awg: z.literal(GAUGES), lengthM: bounded("cordM") });

/** What may sit between a source and the rig, each with a word of its own to say. */
export const GEAR = ["adapter", "surge-protector", "load-shed", "gfci", "transfer", "interlock"] as const;
export type Gear = (typeof GEAR)[number];

const common = {
  kind: z.literal("source"),
  id: sourceId,
  rigId,
  ...stamp(4),
  name: title,
  volts: figure("sourceVolts"),
  /** Cords and adapters between source and rig. */
  cords: z.array(cordSchema).max(MOST_CORDS).optional(),
  /** Hot legs that reach the rig; an adapter may put both on one. One where nothing is said. */
  legs: z.literal([1, 2]).optional(),
  /** When in a day it is there: hook-up from and to, a set outside quiet hours; all day where nothing is said. */
  hours: spells.optional(),
  /** What sits between this source and the rig. */
  gear: z.array(z.literal(GEAR)).max(GEAR.length).optional(),
};

const edge = z
  .array(z.strictObject({ x: z.number().gt(1).max(200), y: z.number().gt(0).max(100_000) }))
  .min(2)
  .max(MOST_POINTS);

const shoreSchema = z.strictObject({
  ...common,
  type: z.literal("shore"),
  breakerA: figure("breakerA").optional(),
  ohm: figure("sourceOhm").optional(),
  /** Volts at the rig without a load, with one, and that load's amps. */
  idleV: figure("sourceVolts").optional(),
  loadedV: figure("sourceVolts").optional(),
  loadedA: figure("readingA").optional(),
  /** The breaker's own band: multiples of its rating against seconds. */
  band: z.strictObject({ earliest: edge, latest: edge }).optional(),
});

const rated = {
  runningW: figure("runningW").optional(),
  surgeW: figure("surgeW").optional(),
  surgeS: figure("surgeS").optional(),
};

const engine = {
  altitudeSchool: z.literal(ALTITUDE_SCHOOLS).optional(),
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
const inverterGeneratorSchema = z.strictObject({
  ...common,
  type: z.literal("inverter-generator"),
  ...rated,
  ...engine,
  /** A second set run in parallel, both made for it. */
  second: z.strictObject({ runningW: figure("runningW").optional(), surgeW: figure("surgeW").optional() }).optional(),
});
const generatorSchema = z.strictObject({ ...common, type: z.literal("generator"), ...rated, ...engine });
const inverterSchema = z.strictObject({
  ...common,
  type: z.literal("inverter"),
  ...rated,
  /** Ratings between surge and continuous. */
  endurance: z
    .array(z.strictObject({ watts: bounded("enduranceW"), seconds: bounded("enduranceS") }))
    .max(MOST_POINTS)
    .optional(),
  bankV: figure("bankVolts").optional(),
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
});

/** What the rig may run on: a circuit of the grid, a generator with inverter or a conventional one, a battery inverter. */
export const sourceSchema = z.discriminatedUnion("type", [shoreSchema, inverterGeneratorSchema, generatorSchema, inverterSchema]);
export type Source = z.infer<typeof sourceSchema>;
export type ShoreSource = z.infer<typeof shoreSchema>;
export type InverterSource = z.infer<typeof inverterSchema>;
export type GeneratorSource = z.infer<typeof inverterGeneratorSchema> | z.infer<typeof generatorSchema>;
