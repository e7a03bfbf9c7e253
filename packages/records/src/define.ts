import { z } from "zod";
import { type Birth, type IdOf, idOf, jobId, rigId, timestamp, unitId } from "./identity.ts";
import type { Step } from "./migrate.ts";

/** What every record carries beside its own fields. */
interface Base<K extends string> {
  readonly kind: z.ZodLiteral<K>;
  readonly id: ReturnType<typeof idOf<K>>;
  /** Version of the record. */
  readonly schema: z.ZodLiteral<number>;
  readonly createdAt: typeof timestamp;
  readonly updatedAt: typeof timestamp;
}

/** Fields that name a record this one cannot be without, where they hold anything. */
export type Reference = "rigId" | "unitId" | "jobId" | "starterId";

/** What every record of a job carries, and what it cannot be without. */
export const JOB_FIELDS = { rigId, unitId, jobId };
export const JOB_REFERENCES = ["rigId", "unitId", "jobId"] as const satisfies readonly Reference[];

/** Bytes that lie beside the records under the id of one: what an archive needs to know of them. */
export interface Blob<R> {
  /** Folder of an archive and how its files end: ids can hold letters that file names cannot. */
  readonly folder: string;
  readonly ending: string;
  readonly mostBytes: number;
  /** Why a file is refused that does not begin as its kind does. */
  readonly refusal: "not-a-picture" | "not-a-sound" | "not-a-waveform";
  readonly isOne: (record: R, file: Uint8Array) => boolean;
  /** Bytes that the record says there are. */
  readonly bytesOf: (record: R) => number;
}

/** How two devices' copies of one record are laid together. */
export interface MergeGroups {
  /** Fields whose entries are groups of their own: ticks, events, runs and the like. */
  readonly entries: readonly string[];
  /** Fields that are one group: they come from one side whole. */
  readonly together: readonly string[];
  /** Fields that are worked out anew from the others, as they are before that: each side keeps its own. */
  readonly own: Readonly<Record<string, unknown>>;
}

/** Everything of a persisted type. */
export interface RecordDefinition<K extends string, S extends z.ZodType> {
  readonly kind: K;
  /** Newest version: one more than there are migrations. */
  readonly newest: number;
  /** The step that leads on from each version. */
  readonly steps: Readonly<Record<number, Step>>;
  readonly schema: S;
  readonly references: readonly Reference[];
  readonly merge: MergeGroups;
  readonly blob: Blob<z.infer<S>> | null;
  /** Field by which a rig's records of this kind are listed, before their id. */
  readonly listedBy: "createdAt" | "takenAt";
  /** Head of a new record. */
  readonly born: (birth: Birth<IdOf<K>>) => {
    readonly kind: K;
    readonly id: IdOf<K>;
    readonly schema: number;
    readonly createdAt: string;
    readonly updatedAt: string;
  };
}

/** What a definition's records are. */
export type RecordFrom<D extends { readonly schema: z.ZodType }> = z.infer<D["schema"]>;

/**
 * Defines a persisted type, all in one place. Migrations are named in order, `unit-2-adds-drive` the first of a unit;
 * a name out of order is a programmer's error. A released migration never changes.
 */
export function defineRecord<K extends string, S extends z.ZodType>(plan: {
  readonly kind: K;
  readonly migrations: Readonly<Record<string, Step>>;
  readonly schema: (base: Base<K>) => S;
  readonly references: readonly Reference[];
  readonly merge?: Partial<MergeGroups>;
  readonly blob?: Blob<z.infer<NoInfer<S>>>;
  readonly listedBy?: "takenAt";
}): RecordDefinition<K, S> {
  const { kind, migrations, references, merge, blob, listedBy } = plan;
  const named = Object.entries(migrations);
  for (const [k, [name]] of named.entries())
    if (!name.startsWith(`${kind}-${k + 2}-`)) throw new Error(`migration ${name} of ${kind} is not the one to version ${k + 2}`);
  const newest = named.length + 1;
  return {
    kind,
    newest,
    steps: Object.fromEntries(named.map(([, step], k) => [k + 1, step])),
    schema: plan.schema({ kind: z.literal(kind), id: idOf(kind), schema: z.literal(newest), createdAt: timestamp, updatedAt: timestamp }),
    references,
    merge: { entries: [], together: [], own: {}, ...merge },
    blob: blob ?? null,
    listedBy: listedBy ?? "createdAt",
    born: ({ id, now }) => ({ kind, id, schema: newest, createdAt: now, updatedAt: now }),
  };
}

/** A migration that only adds fields which may be missing. */
export const asItWas: Step = (old) => old;
