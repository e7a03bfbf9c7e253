import { z } from "zod";
import { bounded } from "./figure.ts";
import { jobId, rigId, sourceId, stamp, starterId, timestamp, title, unitId } from "./identity.ts";
import { METHODS, STAGES } from "./stages.ts";

/** The latest answer, kept so that a list can show it without asking again. */
const answerSchema = z.strictObject({
  fit: z.literal(["fits", "just-fits", "too-much", "not-known"]),
  decides: z.literal(["start", "run"]),
  marginA: z.number().nullable(),
  sourceId,
  method: z.literal(METHODS),
  at: timestamp,
  coreVersion: z.string().max(40),
});

/** One visit to one unit: the question asked, how far it has come, and the latest answer. */
export const jobSchema = z.strictObject({
  kind: z.literal("job"),
  id: jobId,
  rigId,
  unitId,
  ...stamp(3),
  title,
  stage: z.literal(STAGES),
  done: z.array(z.literal(STAGES)).max(STAGES.length),
  sourceId: sourceId.nullable(),
  method: z.literal(METHODS),
  /** Way of starting that the chosen one is laid over. */
  against: z.literal(METHODS).nullable(),
  limitA: bounded("limitA").nullable(),
  otherLoadsA: bounded("otherLoadsA"),
  /** Outdoor air and altitude where the job asks about others than the rig's own. */
  outdoorC: bounded("hottestC").nullable(),
  altitudeM: bounded("altitudeM").nullable(),
  /** The starter of the catalogue that is asked about. */
  starterId: starterId.nullable().optional(),
  /** Whether a start aid is to be left in beside a soft starter: asked, and refused. */
  aidStaysIn: z.boolean().optional(),
  /** When it was handed over; missing where nobody said so, or where it was before this was kept. */
  handedOverAt: timestamp.optional(),
  answer: answerSchema.nullable(),
});
export type Job = z.infer<typeof jobSchema>;
export type Answer = z.infer<typeof answerSchema>;
