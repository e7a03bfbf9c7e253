import type { AnyRecord, RecordOf } from "./record.ts";

/** The rig a record belongs to: its own id for a rig, null for what belongs to none. */
export function rigOf(record: AnyRecord): RecordOf["rig"]["id"] | null {
  if (record.kind === "starter") return null;
  return record.kind === "rig" ? record.id : record.rigId;
}
