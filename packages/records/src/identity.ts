import { z } from "zod";

/** Kinds of record, each kept apart. */
export const RECORD_KINDS = ["rig", "unit", "source", "job", "reading"] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

export type RigId = string & z.$brand<"RigId">;
export type UnitId = string & z.$brand<"UnitId">;
export type SourceId = string & z.$brand<"SourceId">;
export type JobId = string & z.$brand<"JobId">;
export type ReadingId = string & z.$brand<"ReadingId">;

const id = z.string().min(1).max(100);
export const rigId = id.brand<"RigId">();
export const unitId = id.brand<"UnitId">();
export const sourceId = id.brand<"SourceId">();
export const jobId = id.brand<"JobId">();
export const readingId = id.brand<"ReadingId">();

/** A time as kept: ISO 8601 in UTC. */
export const timestamp = z.iso.datetime();

/** What every record carries. */
export const stamp = { schema: z.literal(1), createdAt: timestamp, updatedAt: timestamp };

/** A name a person gives: not empty once trimmed, at most 120 characters. */
export const title = z.string().trim().min(1).max(120);
