import { CONDUCTORS, READING_KINDS } from "@amp-saver/core/study/reading";
import { z } from "zod";
import { bounded } from "./figure.ts";
import { jobId, proofId, rigId, sourceId, stamp, timestamp, unitId } from "./identity.ts";
import { TEXT_MOST } from "./text-limits.ts";

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
  outdoorC: bounded("hottestC").nullable(),
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

/** The proof of one job: runs on its sources, and what was frozen. */
export const proofSchema = z.strictObject({
  kind: z.literal("proof"),
  id: proofId,
  rigId,
  unitId,
  jobId,
  ...stamp(2),
  tests: z.record(z.string().min(1).max(100), runTestSchema),
  frozen: frozenSchema.nullable(),
});
export type Proof = z.infer<typeof proofSchema>;
