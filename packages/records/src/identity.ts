import { z } from "zod";
import { nameProblem } from "./text-limits.ts";

export type RigId = string & z.$brand<"RigId">;
export type UnitId = string & z.$brand<"UnitId">;
export type SourceId = string & z.$brand<"SourceId">;
export type JobId = string & z.$brand<"JobId">;
export type StarterId = string & z.$brand<"StarterId">;
export type LoadId = string & z.$brand<"LoadId">;
export type ReadingId = string & z.$brand<"ReadingId">;
export type SoundId = string & z.$brand<"SoundId">;
export type WorkId = string & z.$brand<"WorkId">;
export type WiringId = string & z.$brand<"WiringId">;
export type LearningId = string & z.$brand<"LearningId">;
export type WaveformId = string & z.$brand<"WaveformId">;
export type ProofId = string & z.$brand<"ProofId">;
export type PhotoId = string & z.$brand<"PhotoId">;

/** Names that every object answers to: none of them is an id. */
const RESERVED: ReadonlySet<string> = new Set([...Object.getOwnPropertyNames(Object.prototype), "prototype"]);

/** An id: any text but those. */
export const id = z
  .string()
  .min(1)
  .max(100)
  .refine((text) => !RESERVED.has(text));
export const rigId = id.brand<"RigId">();
export const unitId = id.brand<"UnitId">();
export const sourceId = id.brand<"SourceId">();
export const jobId = id.brand<"JobId">();
export const starterId = id.brand<"StarterId">();
export const loadId = id.brand<"LoadId">();
export const readingId = id.brand<"ReadingId">();
export const soundId = id.brand<"SoundId">();
export const workId = id.brand<"WorkId">();
export const wiringId = id.brand<"WiringId">();
export const learningId = id.brand<"LearningId">();
export const waveformId = id.brand<"WaveformId">();
export const proofId = id.brand<"ProofId">();
export const photoId = id.brand<"PhotoId">();

/** A time as kept: ISO 8601 in UTC. */
export const timestamp = z.iso.datetime();

/** What every record carries; `version` is the newest of its kind. */
export const stamp = <V extends number>(version: V) => ({ schema: z.literal(version), createdAt: timestamp, updatedAt: timestamp });

/** A name a person gives: something to see in it, and not too long. */
export const title = z
  .string()
  .trim()
  .refine((text) => nameProblem(text) === null);
