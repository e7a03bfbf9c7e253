import { z } from "zod";
import { asItWas, defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { type Birth, type IdOf, sourceId, timestamp } from "../identity.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { type Job, ofJob } from "./job.ts";

/** One reading of a meter, with what must be known to compare it. */
export const readingRecord = defineRecord({
  kind: "reading",
  migrations: { "reading-2-adds-loads-and-learned": asItWas },
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
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
    }),
  references: JOB_REFERENCES,
  listedBy: "takenAt",
});
export type Reading = RecordFrom<typeof readingRecord>;
export type ReadingId = IdOf<"reading">;

/** A reading with its amps; the rest as usual. */
export function newReading(birth: Birth<ReadingId>, job: Job, when: Reading["when"], amps: number): Reading {
  return {
    ...readingRecord.born(birth),
    ...ofJob(job),
    when,
    mode: "inrush",
    conductor: "common",
    amps,
    volts: null,
    restMin: null,
    outdoorC: null,
    sourceId: job.sourceId,
    meter: "",
    takenAt: birth.now,
  };
}
