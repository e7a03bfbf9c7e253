import { z } from "zod";
import { bounded } from "./figure.ts";
import { jobId, readingId, rigId, sourceId, stamp, timestamp, unitId } from "./identity.ts";
import { TEXT_MOST } from "./text-limits.ts";

/** One reading of a meter, with what must be known to compare it. */
export const readingSchema = z.strictObject({
  kind: z.literal("reading"),
  id: readingId,
  rigId,
  unitId,
  jobId,
  ...stamp(2),
  when: z.literal(["before", "after"]),
  /** How the meter took it: inrush window, slow maximum, the starter's own link, or live running amps. */
  mode: z.literal(["inrush", "max-hold", "app", "live"]),
  conductor: z.literal(["common", "run", "start", "supply"]),
  amps: bounded("readingA"),
  volts: bounded("readingVolts").nullable(),
  restMin: bounded("restMin").nullable(),
  outdoorC: bounded("hottestC").nullable(),
  sourceId: sourceId.nullable(),
  meter: z.string().max(TEXT_MOST.meter),
  /** What else was on, as the rig names it. */
  loadsOn: z.string().max(TEXT_MOST.loadsOn).optional(),
  /** Starts the starter had learned from by then. */
  learned: z.number().int().min(0).max(10_000).optional(),
  takenAt: timestamp,
});
export type Reading = z.infer<typeof readingSchema>;
