import { canonical } from "@amp-saver/core/quantity";
import { type AnyRecord, recordKey } from "../record.ts";

/** What an import would do to one record. */
export interface PreviewRow {
  readonly record: AnyRecord;
  readonly change: "new" | "changed" | "same";
  /** Fields that differ, for a changed one. */
  readonly fields: readonly string[];
}

const STAMPS = new Set(["updatedAt", "createdAt"]);

/** Sets a file's records beside those kept, before anything is changed. */
export function previewImport(incoming: readonly AnyRecord[], kept: ReadonlyMap<string, AnyRecord>): readonly PreviewRow[] {
  return incoming.map((record) => {
    const old = kept.get(recordKey(record));
    if (old === undefined) return { record, change: "new", fields: [] };
    const before: Readonly<Record<string, unknown>> = { ...old };
    const after: Readonly<Record<string, unknown>> = { ...record };
    const fields = [...new Set([...Object.keys(old), ...Object.keys(record)])].filter(
      (field) => !STAMPS.has(field) && canonical(before[field]) !== canonical(after[field]),
    );
    return { record, change: fields.length === 0 ? "same" : "changed", fields };
  });
}
