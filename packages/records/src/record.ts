import { keysOf, tableOf } from "@amp-saver/core/quantity";
import type { z } from "zod";
import type { Blob, RecordFrom, Reference } from "./define.ts";
import { DEFINITIONS } from "./kind/index.ts";
import type { Step } from "./migrate.ts";

type Definitions = typeof DEFINITIONS;

/** Kinds of record, each kept apart. */
export type RecordKind = keyof Definitions;

type Records = { readonly [K in RecordKind]: RecordFrom<Definitions[K]> };

/** Every persisted type by kind; an interface, so that a kind that is not known yet still has what all have. */
export interface RecordOf extends Records {}
export type AnyRecord = RecordOf[RecordKind];

/** Kinds of record in the order in which they are told. */
export const RECORD_KINDS = keysOf(DEFINITIONS);

/** What is alike in the definitions of all kinds. */
interface Definition {
  readonly newest: number;
  readonly steps: Readonly<Record<number, Step>>;
  readonly schema: z.ZodType;
  readonly references: readonly Reference[];
}

/** Schemas of the newest version, by kind. */
export const RECORD_SCHEMAS: Readonly<Record<RecordKind, z.ZodType>> = eachKind((d) => d.schema);

/** Newest version of each kind and the steps that lead to it from version 1. */
export const RECORD_VERSIONS: Readonly<Record<RecordKind, Pick<Definition, "newest" | "steps">>> = eachKind(({ newest, steps }) => ({
  newest,
  steps,
}));

function eachKind<T>(what: (definition: Definition) => T): Readonly<Record<RecordKind, T>> {
  return tableOf(RECORD_KINDS, (kind) => what(DEFINITIONS[kind]));
}

/** What is known of the bytes beside a kind of record; null where there are none. */
export function blobOf(kind: RecordKind): Blob<AnyRecord> | null {
  return DEFINITIONS[kind].blob as Blob<AnyRecord> | null;
}

/** Whether bytes lie beside a kind of record. */
export function hasBlob(kind: RecordKind): boolean {
  return blobOf(kind) !== null;
}

/** Sorts records of a kind as a rig lists them: by their time, then by their id. */
export function listed<K extends RecordKind>(kind: K, records: readonly AnyRecord[]): RecordOf[K][] {
  const own = records.filter((r): r is RecordOf[K] & AnyRecord => r.kind === kind);
  const timeOf = (record: AnyRecord): string =>
    DEFINITIONS[kind].listedBy === "takenAt" && "takenAt" in record ? record.takenAt : record.createdAt;
  return own.toSorted((a, b) => timeOf(a).localeCompare(timeOf(b)) || a.id.localeCompare(b.id));
}

/** Key of a record among all kinds. */
export function recordKey(record: { readonly kind: string; readonly id: string }): string {
  return `${record.kind} ${record.id}`;
}

/** Keys of the records that one cannot be without. */
export function references(record: AnyRecord): string[] {
  const fields: Readonly<Record<string, unknown>> = { ...record };
  return DEFINITIONS[record.kind].references.flatMap((field) => {
    const id = fields[field];
    return typeof id !== "string" ? [] : [`${field.replace(/Id$/, "")} ${id}`];
  });
}

/** The rig a record belongs to: its own id for a rig, null for what belongs to none. */
export function rigOf(record: AnyRecord): RecordOf["rig"]["id"] | null {
  if (record.kind === "rig") return record.id;
  return "rigId" in record ? record.rigId : null;
}

/** Whether a record is of a kind. */
export function isKind<K extends RecordKind>(record: AnyRecord, kind: K): record is RecordOf[K] & AnyRecord {
  return record.kind === kind;
}
