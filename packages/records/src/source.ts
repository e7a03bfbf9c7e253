import { z } from "zod";
import { figure } from "./figure.ts";
import { rigId, sourceId, stamp, title } from "./identity.ts";

const common = { kind: z.literal("source"), id: sourceId, rigId, ...stamp, name: title, volts: figure("sourceVolts") };

const shoreSchema = z.strictObject({
  ...common,
  type: z.literal("shore"),
  breakerA: figure("breakerA").optional(),
  ohm: figure("sourceOhm").optional(),
});

const rated = {
  runningW: figure("runningW").optional(),
  surgeW: figure("surgeW").optional(),
  surgeS: figure("surgeS").optional(),
};
const inverterGeneratorSchema = z.strictObject({ ...common, type: z.literal("inverter-generator"), ...rated });
const generatorSchema = z.strictObject({ ...common, type: z.literal("generator"), ...rated });

/** A circuit of the grid, an inverter generator or a conventional one that the rig may run on. */
export const sourceSchema = z.discriminatedUnion("type", [shoreSchema, inverterGeneratorSchema, generatorSchema]);
export type Source = z.infer<typeof sourceSchema>;
export type ShoreSource = z.infer<typeof shoreSchema>;
export type GeneratorSource = z.infer<typeof inverterGeneratorSchema> | z.infer<typeof generatorSchema>;
