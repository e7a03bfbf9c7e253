import type { AnyRecord, RecordKind, RecordOf, RigId, RigSummary, Tell } from "@amp-saver/records";
import type { SharedStates } from "@amp-saver/records/exchange";

/** One record put in place, or taken away with null. */
export interface Change {
  readonly kind: RecordKind;
  readonly id: string;
  readonly after: AnyRecord | null;
}

/** Some fields of a record by name. */
type Fields = Readonly<Record<string, unknown>>;

/** Some fields of a record changed, whatever the others have become meanwhile; undefined clears one. */
export interface Patch {
  readonly kind: RecordKind;
  readonly id: string;
  /** The fields, or how they follow from the record as it is when this is done. */
  readonly patch: Fields | ((record: AnyRecord) => Fields);
  /** Entries of fields that are objects, whatever the other entries have become meanwhile; undefined clears one. */
  readonly entries?: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
  /** What such entries begin with where they are not there yet; what is there stays. */
  readonly fresh?: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
}

/** A record put in place where there is none yet; what is there stays. */
export interface Absent {
  readonly kind: RecordKind;
  readonly id: string;
  readonly absent: AnyRecord;
}

/** Changes that belong together: all happen or none. */
export interface Commit {
  /** What the user did, as a code that the interface words. */
  readonly label: CommitLabel;
  readonly changes: readonly (Change | Patch | Absent)[];
  /** Commits in a row with the same key make one entry of the journal: typing in one field. */
  readonly mergeKey?: string;
  /** Kept answers and the like: saved, but nothing to undo. */
  readonly silent?: boolean;
}

/** What a user can do to the records. */
export type CommitLabel =
  | "new-rig"
  | "edit"
  | "delete-rig"
  | "add-unit"
  | "next-visit"
  | "duplicate-job"
  | "add-source"
  | "delete-source"
  | "add-load"
  | "delete-load"
  | "import-loads"
  | "add-starter"
  | "delete-starter"
  | "add-reading"
  | "delete-reading"
  | "add-photo"
  | "delete-photo"
  | "add-sound"
  | "keep-model"
  | "delete-model"
  | "delete-sound"
  | "add-waveform"
  | "delete-waveform"
  | "add-timing"
  | "delete-timing"
  | "import"
  | "answer";

/**
 * Why nothing was saved: `moved` where a record of one rig would have come under another, `closed` where another tab
 * runs a newer app, `deleted` and `lost` where the browser took the records away. The data is as it was before.
 */
export type StoreFailure = "full" | "aborted" | "closed" | "deleted" | "lost" | "moved" | "nothing-there";
export type StoreResult = { readonly ok: true } | { readonly ok: false; readonly reason: StoreFailure };

/** What can be undone and redone now; null for nothing. */
export interface History {
  readonly undo: CommitLabel | null;
  readonly redo: CommitLabel | null;
}

/** Where records are kept. Every adapter passes the same conformance suite. */
export interface RecordStore {
  get<K extends RecordKind>(kind: K, id: string): Promise<RecordOf[K] | undefined>;
  /** All records of a kind, or those of one rig, in no set order. */
  list<K extends RecordKind>(kind: K, rigId?: RigId): Promise<RecordOf[K][]>;
  /** Every record of these rigs, or of all, and the whole catalogue with them. */
  records(rigIds: readonly string[] | null): Promise<readonly AnyRecord[]>;
  /** Summaries of every rig, in no set order: what lists of many need, without reading the records. */
  summaries(): Promise<readonly RigSummary[]>;
  commit(commit: Commit, tell?: Tell): Promise<StoreResult>;
  undo(): Promise<StoreResult>;
  redo(): Promise<StoreResult>;
  history(): Promise<History>;
  /** Pixels of a photo, kept beside the records and outside the journal; undefined where there are none. */
  blobs(id: string): Promise<Uint8Array<ArrayBuffer> | undefined>;
  keepBlob(id: string, bytes: Uint8Array<ArrayBuffer>): Promise<StoreResult>;
  /** States of rigs that were shared with other devices, latest last, and all that each has taken in; those never shared are left out. */
  shared(rigIds: readonly string[]): Promise<ReadonlyMap<string, SharedStates>>;
  keepShared(shared: ReadonlyMap<string, SharedStates>): Promise<StoreResult>;
  /** Calls back after anything has changed, here or in another tab; returns how to stop. */
  subscribe(listener: () => void): () => void;
  /** Calls back when the records can no longer be reached, with why; returns how to stop. */
  onLost(listener: (reason: StoreFailure) => void): () => void;
  close(): void;
}

/** Longest journal; older entries can no longer be undone. */
export const JOURNAL_MOST = 200;
/** Longest pause between two commits that may merge, ms. */
export const MERGE_WITHIN_MS = 4000;
