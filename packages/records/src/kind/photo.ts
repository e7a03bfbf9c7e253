import { z } from "zod";
import { asItWas, defineRecord, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { type Birth, type IdOf, jobId, rigId, timestamp, unitId } from "../identity.ts";
import { startsWith } from "../starts-with.ts";
import { TEXT_MOST } from "../text-limits.ts";
import { type Job, ofJob } from "./job.ts";

/** What a photo shows. */
export const PHOTO_SUBJECTS = ["plate", "diagram", "as-found", "step", "as-built", "other"] as const;
/** Longest side a photo is kept at, pixels: lettering of a plate stays readable. */
export const PHOTO_MOST_SIDE = 1600;
/** Largest picture that is kept or read, bytes. */
export const PHOTO_MOST_BYTES = 4_000_000;

/** Most places pinned on one photo, and most points of a wire's path and of its outline. */
const MOST_PINS = 200;
export const MOST_PATH_POINTS = 24;

const share = z.number().min(0).max(1);
/** A place on a photo, as shares of its width and height from the left and the top. */
const spot = z.strictObject({ x: share, y: share });
export type Spot = z.infer<typeof spot>;

const named = <S extends z.ZodType>(value: S) =>
  z.record(z.string().min(1).max(100), value).refine((all) => Object.keys(all).length <= MOST_PINS);

/** A photo of a unit; its pixels lie beside the records under the same id. */
export const photoRecord = defineRecord({
  kind: "photo",
  migrations: { "photo-2-adds-step": asItWas },
  schema: (base) =>
    z.strictObject({
      ...base,
      rigId,
      unitId,
      jobId: jobId.nullable(),
      of: z.literal(PHOTO_SUBJECTS),
      /** Step of the plan that it proves, by its key. */
      step: z.string().min(1).max(160).optional(),
      /** Where terminals and wires of the wiring are on it, by their ids. */
      pins: named(spot).optional(),
      /** The ways of wires over it. */
      paths: named(z.array(spot).min(2).max(MOST_PATH_POINTS)).optional(),
      /** Corners of what is square in truth: top left, top right, bottom right, bottom left. */
      corners: z.tuple([spot, spot, spot, spot]).optional(),
      note: z.string().max(TEXT_MOST.note),
      takenAt: timestamp,
      /** Pixels across and down, and bytes of the JPEG. */
      across: z.number().int().min(1).max(PHOTO_MOST_SIDE),
      down: z.number().int().min(1).max(PHOTO_MOST_SIDE),
      bytes: z.number().int().min(1).max(PHOTO_MOST_BYTES),
    }),
  references: JOB_REFERENCES,
  merge: { entries: ["pins", "paths"] },
  blob: {
    folder: "photos",
    ending: "jpg",
    mostBytes: PHOTO_MOST_BYTES,
    refusal: "not-a-picture",
    isOne: (_photo, file) => startsWith(file, 0, [0xff, 0xd8, 0xff]),
    bytesOf: (photo) => photo.bytes,
  },
});
export type Photo = RecordFrom<typeof photoRecord>;
export type PhotoId = IdOf<"photo">;

/** A photo of the unit of a job, as it was kept. */
export function newPhoto(
  birth: Birth<PhotoId>,
  job: Job,
  of: Photo["of"],
  picture: Pick<Photo, "across" | "down" | "bytes"> & Partial<Pick<Photo, "step">>,
): Photo {
  return {
    ...photoRecord.born(birth),
    ...ofJob(job),
    of,
    note: "",
    takenAt: birth.now,
    ...picture,
  };
}
