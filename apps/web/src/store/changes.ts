import type { AnyRecord, RecordKind } from "@amp-saver/records";
import { newId, nowIso } from "./identity.ts";
import type { Change, Commit } from "./port.ts";

/** A record put in place. */
export const put = (record: AnyRecord): Change => ({ kind: record.kind, id: record.id, after: record });
/** A record taken away. */
export const away = (record: { readonly kind: RecordKind; readonly id: string }): Change => ({
  kind: record.kind,
  id: record.id,
  after: null,
});
/** Identity and time of a new record. */
export const birth = <Id extends string>() => ({ id: newId<Id>(), now: nowIso() });

/** A commit that puts something new in place, and the id of what is new. */
export interface Added {
  readonly commit: Commit;
  readonly id: string;
}

/** One new record put in place. */
export const added = (label: Commit["label"], record: AnyRecord): Added => ({
  commit: { label, changes: [put(record)] },
  id: record.id,
});
