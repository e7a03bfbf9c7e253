import { z } from "zod";
import { defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { bounded } from "../figure.ts";
import { type Birth, type IdOf, sourceId, timestamp } from "../identity.ts";
import { type Job, ofJob } from "./job.ts";

/** Longest time to speed that is believed, s. */
export const TIMING_MOST_S = 30;

const seconds = z.number().min(0).max(TIMING_MOST_S);

/** How long a start took to come to speed: told by its sound, counted by a person, or both. Never amps. */
export const timingRecord = defineRecord({
  kind: "timing",
  migrations: {},
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      when: z.literal(["before", "after"]),
      /** By its sound, and by how much that may be off; null where nobody listened. */
      heard: z
        .strictObject({
          toSpeedS: seconds,
          toleranceS: seconds,
          lineHz: z.number().min(40).max(70),
          dropHz: z.number().min(0).max(10).nullable(),
        })
        .nullable(),
      /** A person's own count; where there is one, it stands. */
      countedS: seconds.nullable(),
      sourceId: sourceId.nullable(),
      restMin: bounded("restMin").nullable(),
      takenAt: timestamp,
    }),
  references: JOB_REFERENCES,
  listedBy: "takenAt",
});
export type Timing = RecordFrom<typeof timingRecord>;
export type TimingId = IdOf<"timing">;

/** A start's time to speed as it was told. */
export function newTiming(
  birth: Birth<TimingId>,
  job: Job,
  when: Timing["when"],
  told: Pick<Timing, "heard" | "countedS" | "sourceId">,
): Timing {
  return { ...timingRecord.born(birth), ...ofJob(job), when, restMin: null, takenAt: birth.now, ...told };
}

/** The time to speed that stands, s: a person's own count before the ear's; null where there is neither. */
export function toSpeedOf({ heard, countedS }: Pick<Timing, "heard" | "countedS">): number | null {
  return countedS ?? heard?.toSpeedS ?? null;
}
