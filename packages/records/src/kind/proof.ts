import { CONDUCTORS, READING_KINDS } from "@amp-saver/core/study/reading";
import { z } from "zod";
import { defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { asId, sourceId, timestamp } from "../identity.ts";
import type { Step } from "../migrate.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { type Job, ofJob } from "./job.ts";

const amps = z.number().min(0).max(10_000).nullable();
const range = z.strictObject({ middle: z.number(), low: z.number(), high: z.number() });
const kind = z.literal(READING_KINDS);
const conductor = z.literal(CONDUCTORS);
const expected = z.strictObject({ kind, conductor, before: range, after: range, reduction: range });
const ms = z.number().min(0).max(1e14);
const source = z.string().min(1).max(100);

/** One run on a source: how long, how hot, with what on, and how it ended. */
const runTestSchema = z.strictObject({
  sourceId,
  startedAt: timestamp,
  endedAt: timestamp.nullable(),
  outcome: z.literal(["well", "stopped"]).nullable(),
  outdoorC: bounded("outdoorC").nullable(),
  loadsOn: z.string().max(TEXT_MOST.loadsOn),
});

/** Everything a proof rested on when it was frozen, so that it can be worked out again. */
const frozenSchema = z.strictObject({
  at: timestamp,
  coreVersion: z.string().max(40),
  input: z.strictObject({
    readings: z.strictObject({
      readings: z
        .array(
          z.strictObject({
            id: z.string().max(100),
            when: z.literal(["before", "after"]),
            kind,
            conductor,
            amps: z.number().min(0).max(10_000),
            tolerance: z.number().min(0).max(2),
            sourceId: source.nullable(),
            volts: z.number().min(0).max(1000).nullable(),
            restMin: z.number().min(0).max(100_000).nullable(),
            outdoorC: z.number().min(-60).max(80).nullable(),
            meter: z.string().max(TEXT_MOST.meter),
          }),
        )
        .max(500),
      lockedRotorA: amps,
    }),
    predicted: z.strictObject({ beforeA: amps, afterA: amps, runningA: amps, expected: expected.nullable() }).nullable(),
    learned: z.strictObject({ runs: z.number().int().min(0).max(1000), settled: z.boolean().nullable() }).nullable(),
    tests: z
      .array(
        z.strictObject({
          sourceId: source,
          startedMs: ms,
          endedMs: ms.nullable(),
          outcome: z.literal(["well", "stopped"]).nullable(),
          outdoorC: z.number().min(-60).max(80).nullable(),
          loadsOn: z.string().max(TEXT_MOST.loadsOn),
        }),
      )
      .max(200),
    hottestC: z.number().min(-60).max(80),
  }),
  /** What it showed then. */
  shown: z.strictObject({
    verdict: z.string().max(40),
    reduction: z.number().nullable(),
    /** The 95 % range of the reduction; null where it was frozen before there was one. */
    low: z.number().nullable(),
    high: z.number().nullable(),
  }),
});

type Plain = Readonly<Record<string, unknown>>;

/** A proof frozen before ranges were told: air and meter were not kept, nor the range it showed. */
const frozenWithRange: Step = (old) => {
  const frozen = old.frozen as { readonly input: Plain; readonly shown: Plain } | null;
  if (frozen === null) return old;
  const { readings, predicted } = frozen.input as { readonly readings: Plain; readonly predicted: Plain | null };
  const { verdict, reduction } = frozen.shown;
  return {
    ...old,
    frozen: {
      ...frozen,
      input: {
        ...frozen.input,
        readings: { ...readings, readings: (readings.readings as readonly Plain[]).map((r) => ({ ...r, outdoorC: null, meter: "" })) },
        predicted: predicted && { ...predicted, expected: null },
      },
      shown: { verdict, reduction, low: null, high: null },
    },
  };
};

/** The proof of one job: runs on its sources, and what was frozen. */
export const proofRecord = defineRecord({
  kind: "proof",
  migrations: { "proof-2-freezes-ranges": frozenWithRange },
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      tests: z.record(z.string().min(1).max(100), runTestSchema),
      frozen: frozenSchema.nullable(),
    }),
  references: JOB_REFERENCES,
  merge: { entries: ["tests"] },
});
export type Proof = RecordFrom<typeof proofRecord>;

/** The proof of a job before anything was run or frozen. */
export function newProof(now: string, job: Job): Proof {
  return {
    ...proofRecord.born({ id: asId("proof", job.id), now }),
    ...ofJob(job),
    tests: {},
    frozen: null,
  };
}
