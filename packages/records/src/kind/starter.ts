import { FAMILIES, FAMILY_LEADS } from "@amp-saver/core/network";
import { SHEET_ACTS, SHEET_MOST, SHEET_PLACES } from "@amp-saver/core/study/maker-sheet";
import { z } from "zod";
import { asItWas, defineRecord, type RecordFrom } from "../define.ts";
import { bounded, figure } from "../figure.ts";
import { type Birth, type StarterId, title } from "../identity.ts";
import type { Step } from "../migrate.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { learningRuleSchema } from "./learning.ts";

/** Leads of every family by their neutral names. */
const LEADS = [...new Set(FAMILIES.flatMap((family) => FAMILY_LEADS[family]))];

/** How a lead ends when it comes out of the box. */
export const LEAD_ENDS = ["bare", "tab", "flag", "piggyback", "ring", "blade"] as const;
const leadSchema = z.strictObject({
  color: z.string().trim().min(1).max(TEXT_MOST.color),
  awg: z.number().int().min(4).max(24),
  end: z.literal(LEAD_ENDS),
});
export type Lead = z.infer<typeof leadSchema>;

const wireSchema = z.strictObject({
  color: z.string().max(TEXT_MOST.color).nullable(),
  lead: z.string().max(20).nullable(),
  toward: z.literal(SHEET_PLACES).nullable(),
  starters: z.boolean().nullable(),
});
const place = z.literal(SHEET_PLACES).nullable();
const sheetStepSchema = z.strictObject({
  act: z.literal(SHEET_ACTS),
  wire: wireSchema.nullable(),
  from: place,
  to: place,
  with: wireSchema.nullable(),
});

/** The lead of a module that takes the line's side was called otherwise. */
const leadNamed: Step = (old) => {
  if (typeof old.leads !== "object" || old.leads === null || !("ACTIVE" in old.leads)) return old;
  const { ACTIVE, ...others } = old.leads;
  return { ...old, leads: { ...others, LINE: ACTIVE } };
};

/** A soft starter as its maker's sheet describes it: an entry of the user's own catalogue, for any rig. */
export const starterRecord = defineRecord({
  kind: "starter",
  migrations: {
    "starter-2-adds-leads": asItWas,
    "starter-3-adds-learning-rule": asItWas,
    "starter-4-names-line": leadNamed,
    "starter-5-adds-sheet": asItWas,
  },
  schema: (base) =>
    z.strictObject({
      ...base,
      name: title,
      /** Plate volts it is made for. */
      leastV: bounded("plateVolts"),
      mostV: bounded("plateVolts"),
      /** Tons of cooling it is made for; null where the sheet does not say. */
      leastTons: bounded("tons").nullable(),
      mostTons: bounded("tons").nullable(),
      lockedRotorMostA: figure("lockedRotorA").optional(),
      startCapacitorF: figure("startAidF").optional(),
      usd: bounded("usd").nullable(),
      /** What it does to the circuit, and its leads as printed on its sheet. */
      family: z.literal(FAMILIES).optional(),
      leads: z.partialRecord(z.literal(LEADS), leadSchema).optional(),
      /** Longest silence before the compressor, which is no fault. */
      delayS: z.number().min(0).max(3600).nullable().optional(),
      learning: z.string().max(TEXT_MOST.prose).optional(),
      /** The same in figures, to conduct it by. */
      learningRule: learningRuleSchema.optional(),
      mounting: z.string().max(TEXT_MOST.prose).optional(),
      /** Thinnest wire that may lengthen a lead. */
      extensionAwg: z.number().int().min(4).max(24).optional(),
      /** Its steps as printed, and what a person says a sentence means, by its text. */
      sheet: z.string().max(SHEET_MOST).optional(),
      sheetMeans: z.record(z.string().min(1).max(TEXT_MOST.prose), sheetStepSchema).optional(),
      /** What its lamp or code shows, and what the sheet says it means. */
      lamps: z
        .array(z.strictObject({ shows: z.string().min(1).max(TEXT_MOST.lampShows), means: z.string().min(1).max(TEXT_MOST.lampMeans) }))
        .max(30)
        .optional(),
    }),
  references: [],
  merge: { entries: ["leads", "sheetMeans"] },
});
export type Starter = RecordFrom<typeof starterRecord>;

/** A catalogue entry for the usual rooftop class. */
export function newStarter(birth: Birth<StarterId>, name: string): Starter {
  return { ...starterRecord.born(birth), name, leastV: 100, mostV: 125, leastTons: null, mostTons: null, usd: null };
}
