import { z } from "zod";
import { jobId, rigId, soundId, stamp, timestamp, unitId } from "./identity.ts";

/** Kinds of sound a browser records. */
export const SOUND_TYPES = ["audio/webm", "audio/mp4", "audio/ogg"] as const;
/** Longest note, seconds, and largest, bytes. */
export const SOUND_MOST_S = 60;
export const SOUND_MOST_BYTES = 2_000_000;

/** A spoken note to a step; its sound lies beside the records under the same id. */
export const soundSchema = z.strictObject({
  kind: z.literal("sound"),
  id: soundId,
  rigId,
  unitId,
  jobId,
  ...stamp(1),
  /** The step it was spoken at, as the visit names it. */
  step: z.string().max(160),
  takenAt: timestamp,
  seconds: z
    .number()
    .min(0)
    .max(SOUND_MOST_S + 5),
  type: z.literal(SOUND_TYPES),
  bytes: z.number().int().min(1).max(SOUND_MOST_BYTES),
});
export type Sound = z.infer<typeof soundSchema>;
