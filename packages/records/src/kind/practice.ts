import { FED_BY, PRACTICE_FAULTS, SEED_MOST } from "@amp-saver/core/study/practice";
import { z } from "zod";
import { defineRecord, type RecordFrom } from "../define.ts";
import { asId, timestamp } from "../identity.ts";
import { MOST_ACTS, practiceActSchema } from "../practice-act.ts";

/** Runs of one lesson that are kept: the newest. */
export const RUNS_KEPT = 6;
const lesson = z.string().min(1).max(60);
const codes = z.array(z.literal(PRACTICE_FAULTS)).max(PRACTICE_FAULTS.length);

/** A unit that somebody put together: its wiring, what feeds it, and what is wrong with it. */
const ownUnitSchema = z.strictObject({ wiring: z.string().min(1).max(60), fedBy: z.literal(FED_BY), faults: codes });

/** Which unit was on the bench, and what was done to it: enough to play it again. */
export const practicePlaySchema = z.strictObject({
  seed: z.number().int().min(0).max(SEED_MOST),
  /** A unit of one’s own; absent for the lesson’s. */
  own: ownUnitSchema.optional(),
  acts: z.array(practiceActSchema).max(MOST_ACTS),
});
export type PracticePlay = z.infer<typeof practicePlaySchema>;

const runSchema = practicePlaySchema.extend({
  endedAt: timestamp,
  done: z.boolean(),
  found: codes,
  missed: codes,
  /** Times that hands went in before all was shown. */
  luck: z.number().int().min(0).max(MOST_ACTS),
  stopped: z.string().max(60).nullable(),
  seconds: z.number().min(0),
  expertSeconds: z.number().min(0),
});
export type PracticeRun = z.infer<typeof runSchema>;

/** What somebody practiced of one lesson; it belongs to no rig. */
export const practiceRecord = defineRecord({
  kind: "practice",
  migrations: {},
  schema: (base) => z.strictObject({ ...base, lesson, runs: z.record(z.string().min(1).max(100), runSchema) }),
  references: [],
  merge: { entries: ["runs"] },
});
export type PracticeRecord = RecordFrom<typeof practiceRecord>;

/** What was practiced of a lesson before the first run. */
export function newPractice(now: string, of: string): PracticeRecord {
  return { ...practiceRecord.born({ id: asId("practice", `practice-${of}`), now }), lesson: of, runs: {} };
}
