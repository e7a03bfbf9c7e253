import { GAUGES } from "@amp-saver/core/reference";
import { FITS } from "@amp-saver/core/study/assess";
import { z } from "zod";
import { asItWas, defineRecord, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { type Birth, type JobId, type RigId, rigId, sourceId, starterId, timestamp, title, type UnitId, unitId } from "../identity.ts";
import type { Step } from "../migrate.ts";
import { METHODS, STAGES } from "../stages.ts";

/** The latest answer, kept so that a list can show it without asking again. */
const answerSchema = z.strictObject({
  fit: z.literal(FITS),
  /** True while too few tries were in to say. */
  provisional: z.boolean(),
  decides: z.literal(["start", "run"]).nullable(),
  spareA: z.number().nullable(),
  /** Tries, and how many of them worked. */
  tries: z.number().int().min(0).max(5000),
  holds: z.number().int().min(0).max(5000),
  sourceId,
  method: z.literal(METHODS),
  at: timestamp,
  coreVersion: z.string().max(40),
});

/** Answers are judged otherwise now and worked out anew; no other loads stood for nobody having said. */
const answeredAnew: Step = (old) => ({ ...old, answer: null, otherLoadsA: old.otherLoadsA === 0 ? null : old.otherLoadsA });

const least = z.number().min(0).nullable();
/** Readings as found were a part of Prove. */
const withBefore: Step = (old) =>
  Array.isArray(old.done) && old.done.includes("prove") && !old.done.includes("before") ? { ...old, done: [...old.done, "before"] } : old;

/** The smallest that works in 95 of 100 tries, one way of starting; SI, null where nothing does or it does not apply. */
const smallestSchema = z.strictObject({
  of: z.number().int().min(1).max(5000),
  runningW: least,
  surgeW: least,
  breakerA: least,
  leastVolts: least,
  hottestC: z.number().min(-60).max(100).nullable(),
  highestM: least,
  cord: z.array(z.strictObject({ awg: z.literal(GAUGES), mostM: z.number().min(0) })).max(GAUGES.length),
});

/** One visit to one unit: the question asked, how far it has come, and the latest answer. */
export const jobRecord = defineRecord({
  kind: "job",
  migrations: {
    "job-2-adds-starter": asItWas,
    "job-3-adds-hand-over": asItWas,
    "job-4-answers-anew": answeredAnew,
    "job-5-adds-before": withBefore,
  },
  schema: (base) =>
    z.strictObject({
      ...base,
      rigId,
      unitId,
      title,
      stage: z.literal(STAGES),
      done: z.array(z.literal(STAGES)).max(STAGES.length),
      sourceId: sourceId.nullable(),
      method: z.literal(METHODS),
      /** Way of starting that the chosen one is laid over. */
      against: z.literal(METHODS).nullable(),
      limitA: bounded("limitA").nullable(),
      /** Amps of other loads; null where nobody said. */
      otherLoadsA: bounded("otherLoadsA").nullable(),
      /** Outdoor air and altitude where the job asks about others than the rig's own. */
      outdoorC: bounded("outdoorC").nullable(),
      altitudeM: bounded("altitudeM").nullable(),
      /** The starter of the catalogue that is asked about. */
      starterId: starterId.nullable().optional(),
      /** Whether a start aid is to be left in beside a soft starter: asked, and refused. */
      aidStaysIn: z.boolean().optional(),
      /** When it was handed over; missing where nobody said so, or where it was before this was kept. */
      handedOverAt: timestamp.optional(),
      answer: answerSchema.nullable(),
      /** The smallest that works, by way of starting, kept so that paper and lists need not look for it again. */
      smallest: z
        .strictObject({
          at: timestamp,
          coreVersion: z.string().max(40),
          sourceId,
          ways: z.partialRecord(z.literal(METHODS), smallestSchema),
        })
        .optional(),
    }),
  references: ["rigId", "unitId", "starterId"],
  merge: { own: { answer: null, smallest: undefined } },
});
export type Job = RecordFrom<typeof jobRecord>;

/** A job at its first stage. */
export function newJob(birth: Birth<JobId>, rigId: RigId, unitId: UnitId, title: string): Job {
  return {
    ...jobRecord.born(birth),
    rigId,
    unitId,
    title,
    stage: "survey",
    done: [],
    sourceId: null,
    method: "as-found",
    against: null,
    limitA: null,
    otherLoadsA: null,
    outdoorC: null,
    altitudeM: null,
    answer: null,
  };
}

/** Whose a record of a job is. */
export const ofJob = ({ rigId, unitId, id }: Job) => ({ rigId, unitId, jobId: id });

/** Stages of a job that were gone through, and these. */
export const withDone = ({ done }: Job, ...stages: Job["done"]): Job["done"] => [...new Set([...done, ...stages])];
