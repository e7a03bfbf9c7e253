import { LEARNING_RULE_NAMES, LEARNING_RULES, RULE_BOUNDS } from "@amp-saver/core/study/learning-runs";
import { z } from "zod";
import { asItWas, defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { asId, sourceId, timestamp } from "../identity.ts";
import { type Job, ofJob } from "./job.ts";

const within = ({ min, max }: { readonly min: number; readonly max: number }) => z.number().min(min).max(max);

/** How often a starter is to start while it learns, how long it runs and rests. */
export const learningRuleSchema = z.strictObject({
  runs: within(RULE_BOUNDS.runs).int(),
  mostRuns: within(RULE_BOUNDS.runs).int(),
  runS: within(RULE_BOUNDS.runS),
  restS: within(RULE_BOUNDS.restS),
});

/** Where a rule comes from: a school of practice, the starter's own sheet, or typed in. */
export const RULE_SOURCES = [...LEARNING_RULE_NAMES, "sheet", "own"] as const;

const eventSchema = z.strictObject({
  at: timestamp,
  what: z.literal(["call", "start", "stop", "clock"]),
  peakA: bounded("readingA").nullable(),
  failed: z.boolean(),
  /** Who told it: a finger, or the starter's own link. */
  by: z.literal(["tap", "link"]),
});

/** The learning runs of one job: the rule, what happened when, and what the source was. */
export const learningRecord = defineRecord({
  kind: "learning",
  migrations: { "learning-2-adds-long-rest": asItWas },
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      rule: learningRuleSchema,
      ruleFrom: z.literal(RULE_SOURCES),
      /** Everything that happened, by an id of its own, so that two taps never overwrite each other. */
      events: z.record(z.string().min(1).max(100), eventSchema),
      sourceId: sourceId.nullable(),
      strongSource: z.boolean(),
      ecoOff: z.boolean(),
      /** Which instrument tells its starts; null for a finger. */
      link: z.string().max(40).nullable(),
      /** Whether it takes turns with the rig's other units. */
      together: z.boolean(),
      /** What else may make it wait. */
      waits: z.strictObject({ energyManager: z.boolean(), transferSwitch: z.boolean(), thermostatJustOff: z.boolean() }),
    }),
  references: JOB_REFERENCES,
  merge: { entries: ["events", "waits"] },
});
export type Learning = RecordFrom<typeof learningRecord>;

/** Learning runs of a job before the first: the usual rule of most schools, counted by hand. */
export function newLearning(now: string, job: Job): Learning {
  return {
    ...learningRecord.born({ id: asId("learning", job.id), now }),
    ...ofJob(job),
    rule: LEARNING_RULES["five-five"],
    ruleFrom: "five-five",
    events: {},
    sourceId: null,
    strongSource: false,
    ecoOff: false,
    link: null,
    together: false,
    waits: { energyManager: false, transferSwitch: false, thermostatJustOff: false },
  };
}
