import { z } from "zod";
import { nameProblem, TEXT_MOST } from "./text-limits.ts";

/** The id of a record of a kind. */
export type IdOf<K extends string> = string & z.$brand<K>;
export type RigId = IdOf<"rig">;
export type UnitId = IdOf<"unit">;
export type SourceId = IdOf<"source">;
export type JobId = IdOf<"job">;
export type StarterId = IdOf<"starter">;

/** Names that every object answers to: none of them is an id. */
const RESERVED: ReadonlySet<string> = new Set([...Object.getOwnPropertyNames(Object.prototype), "prototype"]);

/** An id: any text but those. */
export const id = z
  .string()
  .min(1)
  .max(100)
  .refine((text) => !RESERVED.has(text));
/** Schema of the id of a record of a kind. */
export const idOf = <K extends string>(_kind: K) => id.brand<K>();
export const rigId = idOf("rig");
export const unitId = idOf("unit");
export const sourceId = idOf("source");
export const jobId = idOf("job");
export const starterId = idOf("starter");

/** A text as the id of a kind: of a record made here, or made as the only one of another. */
export const asId = <K extends string>(_kind: K, text: string): IdOf<K> => text as IdOf<K>;

/** A time as kept: ISO 8601 in UTC. */
export const timestamp = z.iso.datetime();

/** Time and identity that a new record needs; both come from outside. */
export interface Birth<Id extends string> {
  readonly id: Id;
  readonly now: string;
}

/** A name a person gives: something to see in it, and not too long. */
export const title = z
  .string()
  .trim()
  .min(1)
  .max(TEXT_MOST.name)
  .refine((text) => nameProblem(text) === null);
