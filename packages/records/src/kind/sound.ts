import { z } from "zod";
import { defineRecord, JOB_FIELDS, JOB_REFERENCES, type RecordFrom } from "../define.ts";
import { type Birth, type IdOf, timestamp } from "../identity.ts";
import { startsWith } from "../starts-with.ts";
import { type Job, ofJob } from "./job.ts";

/** Kinds of sound a browser records. */
export const SOUND_TYPES = ["audio/webm", "audio/mp4", "audio/ogg"] as const;
/** Longest note, seconds, and largest, bytes. */
export const SOUND_MOST_S = 60;
export const SOUND_MOST_BYTES = 2_000_000;

/** How files of those kinds begin: Matroska (RFC 9559), Ogg (RFC 3533), ISO base media (ISO/IEC 14496-12). */
const SOUND_STARTS = [
  { at: 0, bytes: [0x1a, 0x45, 0xdf, 0xa3] },
  { at: 0, bytes: [0x4f, 0x67, 0x67, 0x53] },
  { at: 4, bytes: [0x66, 0x74, 0x79, 0x70] },
] as const;

/** A spoken note to a step; its sound lies beside the records under the same id. */
export const soundRecord = defineRecord({
  kind: "sound",
  migrations: {},
  schema: (base) =>
    z.strictObject({
      ...base,
      ...JOB_FIELDS,
      /** The step it was spoken at, as the visit names it. */
      step: z.string().max(160),
      takenAt: timestamp,
      seconds: z
        .number()
        .min(0)
        .max(SOUND_MOST_S + 5),
      type: z.literal(SOUND_TYPES),
      bytes: z.number().int().min(1).max(SOUND_MOST_BYTES),
    }),
  references: JOB_REFERENCES,
  blob: {
    folder: "sounds",
    ending: "bin",
    mostBytes: SOUND_MOST_BYTES,
    refusal: "not-a-sound",
    isOne: (_sound, file) => SOUND_STARTS.some(({ at, bytes }) => startsWith(file, at, bytes)),
    bytesOf: (sound) => sound.bytes,
  },
});
export type Sound = RecordFrom<typeof soundRecord>;
export type SoundId = IdOf<"sound">;

/** A spoken note to a step of a job's visit, as it was kept. */
export function newSound(birth: Birth<SoundId>, job: Job, step: string, sound: Pick<Sound, "seconds" | "type" | "bytes">): Sound {
  return {
    ...soundRecord.born(birth),
    ...ofJob(job),
    step,
    takenAt: birth.now,
    ...sound,
  };
}
