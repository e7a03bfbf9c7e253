import { DEAD_PAIRS } from "@amp-saver/core/study/isolation";
import { MOUNTING_CHECKS, OUTSIDE_CHECKS } from "@amp-saver/core/study/mounting";
import { FINDING_STATES, OPENING_FINDINGS, SCREW_HIDERS, SCREW_PLACES } from "@amp-saver/core/study/opening";
import { SITE_QUESTIONS } from "@amp-saver/core/study/site";
import { MEASUREMENTS, SYMPTOMS } from "@amp-saver/core/study/trouble";
import { z } from "zod";
import { asItWas, defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { asId, timestamp } from "../identity.ts";
import { lineNamed } from "../line-named.ts";
import type { Step } from "../migrate.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { type Job, ofJob } from "./job.ts";

const name = z.string().min(1).max(160);
const volts = z.number().min(-1000).max(1000);

/** What a tug found: it held; it moved, which is remade; it was remade. */
export const TUGS = ["held", "moved", "remade"] as const;
const tickSchema = z.strictObject({
  at: timestamp,
  tugged: z.boolean(),
  tug: z.literal(TUGS).optional(),
  note: z.string().max(TEXT_MOST.note),
});

/** What is ticked off before power and after it. */
export const POWER_CHECKS = ["joints", "cover", "clear", "fan", "compressor", "lamp", "quiet"] as const;
export const CLOSING_CHECKS = ["fixed", "putty", "grommet", "sealant", "lid", "tools"] as const;

/** What one measuring found: these belong together, and no two measurings are ever mixed. */
const EVIDENCE_FIELDS = ["run", "sources", "meterBefore", "meterAfter", "pairs", "capacitors", "overrides"] as const;

/** Steps are ticked under the names of their terminals, and the module's LINE was called otherwise. */
const ticksNamed: Step = (old) => {
  if (typeof old.steps !== "object" || old.steps === null) return old;
  const steps = Object.entries(old.steps).map(([key, tick]) => [lineNamed(key), tick]);
  return { ...old, steps: Object.fromEntries(steps) };
};

/** Nothing was confirmed by eye, undone or overridden before these were asked. */
const beginsUnconfirmed: Step = (old) => ({ mountReason: "", confirmed: {}, undone: {}, packed: {}, ...old });

/** Nothing had been looked for on opening. */
const beginsUnopened: Step = (old) => ({ found: {}, screws: {}, ...old });

const screwCount = z.number().int().min(0).max(99);

/** One visit on the roof: go or no-go, what was proved dead, where the starter sits, which steps are done. */
export const fitLogRecord = defineRecord({
  kind: "work",
  migrations: {
    "work-2-adds-run": asItWas,
    "work-3-names-line": ticksNamed,
    "work-4-adds-away": asItWas,
    "work-5-adds-undoing": beginsUnconfirmed,
    "work-6-adds-fitter-and-opening": beginsUnopened,
  },
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      site: z.partialRecord(z.literal(SITE_QUESTIONS), z.boolean()),
      /** The measuring in which sources, meter, pairs, capacitors and reasons were written down. */
      run: z.string().max(100).optional(),
      sources: z.record(name, z.strictObject({ off: z.boolean(), locked: z.boolean(), away: z.boolean().optional() })),
      meterBefore: volts.nullable(),
      meterAfter: volts.nullable(),
      pairs: z.partialRecord(z.literal([...DEAD_PAIRS[120], ...DEAD_PAIRS[240]]), z.strictObject({ volts, lowImpedance: z.boolean() })),
      capacitors: z.record(name, z.strictObject({ first: volts.nullable(), firstAt: timestamp.nullable(), second: volts.nullable() })),
      /** Reasons to go on without something, by its name. */
      overrides: z.record(name, z.string().max(TEXT_MOST.note)),
      mounting: z.strictObject({
        orientation: z.literal(["upright", "leads-down", "sideways", "upside-down", "flat"]).nullable(),
        fastening: z.literal(["tape", "screws", "both"]),
        surface: z.literal(["clean-metal", "painted", "plastic", "foam", "dirty"]),
        roofC: bounded("roofC"),
        secondRestraint: z.boolean(),
        screwM: bounded("screwM"),
        gapM: bounded("gapM").nullable(),
        leadM: bounded("leadM"),
        wayM: bounded("routeM"),
        clear: z.partialRecord(z.literal([...MOUNTING_CHECKS, ...OUTSIDE_CHECKS]), z.boolean()),
        /** Whether it sits outside the cabinet, in the rain. */
        outside: z.boolean().optional(),
      }),
      /** Why work goes on although something speaks against the place; empty for no reason. */
      mountReason: z.string().max(TEXT_MOST.note),
      /** Steps of the plan that are done, by their key, with when and how. */
      steps: z.record(name, tickSchema),
      /** Steps of the way back that are done, by their key. */
      undone: z.record(name, tickSchema),
      /** Wires that somebody looked at and found where the map has them, by id and ends. */
      confirmed: z.record(name, timestamp),
      /** What of the kit is packed, by its name. */
      packed: z.record(name, z.boolean()),
      power: z.partialRecord(z.literal(POWER_CHECKS), z.boolean()),
      closing: z.partialRecord(z.literal(CLOSING_CHECKS), z.boolean()),
      /** What was found on opening. */
      found: z.partialRecord(z.literal(OPENING_FINDINGS), z.literal(FINDING_STATES)),
      /** Screws by the place they come out of, and what hid them. */
      screws: z.partialRecord(
        z.literal(SCREW_PLACES),
        z.strictObject({ out: screwCount, in: screwCount, hidden: z.literal(SCREW_HIDERS) }),
      ),
      screwsOut: z.number().int().min(0).max(200),
      screwsIn: z.number().int().min(0).max(200),
      mountFirst: z.boolean(),
      /** Whether tape and screws wait until it has been tested; they do unless said otherwise. */
      fixLast: z.boolean().optional(),
      leftHanded: z.boolean(),
      /** Who did the work, as it goes on the sheet. */
      fittedBy: z.string().max(TEXT_MOST.person).optional(),
      /** Something went wrong: what it did, and what was measured since; absent where nothing did. */
      trouble: z
        .strictObject({ symptom: z.literal(SYMPTOMS), read: z.partialRecord(z.literal(MEASUREMENTS), z.number().min(0).max(1e12)) })
        .optional(),
      /** What happened to the proof: given, power back, other hands. */
      events: z.array(z.strictObject({ at: timestamp, what: z.literal(["proved", "powered", "hands"]) })).max(500),
    }),
  references: JOB_REFERENCES,
  merge: {
    entries: ["site", "mounting", "steps", "undone", "confirmed", "packed", "power", "closing", "found", "screws"],
    together: EVIDENCE_FIELDS,
  },
});
export type FitLog = RecordFrom<typeof fitLogRecord>;

/** A visit before anything is done. */
export function newFitLog(now: string, job: Job): FitLog {
  return {
    ...fitLogRecord.born({ id: asId("work", job.id), now }),
    ...ofJob(job),
    site: {},
    sources: {},
    meterBefore: null,
    meterAfter: null,
    pairs: {},
    capacitors: {},
    overrides: {},
    mounting: {
      orientation: null,
      fastening: "both",
      surface: "clean-metal",
      roofC: 65,
      secondRestraint: false,
      screwM: 0.0127,
      gapM: null,
      leadM: 0.6,
      wayM: 0.4,
      clear: {},
    },
    mountReason: "",
    steps: {},
    undone: {},
    confirmed: {},
    packed: {},
    power: {},
    closing: {},
    found: {},
    screws: {},
    screwsOut: 0,
    screwsIn: 0,
    mountFirst: true,
    leftHanded: false,
    events: [],
  };
}
