import { z } from "zod";
import { jobId, photoId, rigId, stamp, timestamp, unitId } from "./identity.ts";
import { TEXT_MOST } from "./text-limits.ts";

/** What a photo shows. */
export const PHOTO_SUBJECTS = ["plate", "diagram", "as-found", "step", "as-built", "other"] as const;
/** Longest side a photo is kept at, pixels: lettering of a plate stays readable. */
export const PHOTO_MOST_SIDE = 1600;
/** Largest picture that is kept or read, bytes. */
export const PHOTO_MOST_BYTES = 4_000_000;

/** A photo of a unit; its pixels lie beside the records under the same id. */
export const photoSchema = z.strictObject({
  kind: z.literal("photo"),
  id: photoId,
  rigId,
  unitId,
  jobId: jobId.nullable(),
  ...stamp(1),
  of: z.literal(PHOTO_SUBJECTS),
  note: z.string().max(TEXT_MOST.note),
  takenAt: timestamp,
  /** Pixels across and down, and bytes of the JPEG. */
  across: z.number().int().min(1).max(PHOTO_MOST_SIDE),
  down: z.number().int().min(1).max(PHOTO_MOST_SIDE),
  bytes: z.number().int().min(1).max(PHOTO_MOST_BYTES),
});
export type Photo = z.infer<typeof photoSchema>;
