import { z } from "zod";
import { asItWas, defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { type Birth, type IdOf, sourceId, timestamp } from "../identity.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { type Job, ofJob } from "./job.ts";

/** What of a reading may be corrected. */
const CORRECTED = {
  mode: z.literal(["inrush", "max-hold", "app", "live"]),
  conductor: z.literal(["common", "run", "start", "supply"]),
  amps: bounded("readingA"),
  volts: bounded("readingVolts").nullable(),
  restMin: bounded("restMin").nullable(),
  outdoorC: bounded("outdoorC").nullable(),
  meter: z.string().max(TEXT_MOST.meter),
};
const MOST_CORRECTIONS = 20;

/** One reading of a meter, with what must be known to compare it. */
export const readingRecord = defineRecord({
  kind: "reading",
  migrations: { "reading-2-adds-loads-and-learned": asItWas, "reading-3-adds-corrections": asItWas },
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      when: z.literal(["before", "after"]),
      /** The mode says how the meter took it: inrush window, slow maximum, the starter's own link, or live running amps. */
      ...CORRECTED,
      sourceId: sourceId.nullable(),
      /** What else was on, as the rig names it. */
      loadsOn: z.string().max(TEXT_MOST.loadsOn).optional(),
      /** Starts the starter had learned from by then. */
      learned: z.number().int().min(0).max(10_000).optional(),
      takenAt: timestamp,
      /** What it said before each correction, and when that was made. */
      was: z
        .array(z.strictObject({ ...CORRECTED, at: timestamp }))
        .max(MOST_CORRECTIONS)
        .optional(),
    }),
  references: JOB_REFERENCES,
  listedBy: "takenAt",
});
export type Reading = RecordFrom<typeof readingRecord>;
/** What of a reading may be corrected. */
export type ReadingFacts = Pick<Reading, keyof typeof CORRECTED>;

/** A reading with other facts, and what it said before; null where nothing differs. */
export function correctedReading(reading: Reading, facts: ReadingFacts, at: string): (ReadingFacts & Pick<Reading, "was">) | null {
  const { mode, conductor, amps, volts, restMin, outdoorC, meter, was = [] } = reading;
  const old: ReadingFacts = { mode, conductor, amps, volts, restMin, outdoorC, meter };
  const differs = Object.entries(old).some(([name, value]) => facts[name as keyof ReadingFacts] !== value);
  return differs ? { ...facts, was: [...was, { ...old, at }].slice(-MOST_CORRECTIONS) } : null;
}
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
