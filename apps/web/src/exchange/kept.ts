import { type AnyRecord, RECORD_KINDS, type RigId, rigOf } from "@amp-saver/records";
import { ownRecords, type RigBundle } from "../store/bundle.ts";
import type { RecordStore } from "../store/port.ts";

/** Rigs from which on whole tables are read at once instead of rig by rig. */
const MANY_RIGS = 50;

/** Every record of a rig, and the starters of the catalogue that its jobs ask about. */
export function recordsOf(bundle: RigBundle): AnyRecord[] {
  const asked = new Set(bundle.jobs.map((job) => job.starterId));
  return [...ownRecords(bundle), ...bundle.starters.filter((s) => asked.has(s.id))];
}

/** Every record of these rigs, or of all, and the whole catalogue. */
export async function keptRecords(store: RecordStore, rigIds: readonly string[] | null): Promise<readonly AnyRecord[]> {
  const wanted = rigIds === null ? null : new Set(rigIds);
  const read = (kind: (typeof RECORD_KINDS)[number]): Promise<readonly AnyRecord[]> =>
    kind === "starter" || rigIds === null || rigIds.length > MANY_RIGS
      ? store.list(kind)
      : Promise.all(rigIds.map((id) => store.list<typeof kind>(kind, id as RigId))).then((all) => all.flat());
  const all = (await Promise.all(RECORD_KINDS.map(read))).flat();
  return wanted === null ? all : all.filter((r) => rigOf(r) === null || wanted.has(rigOf(r)!));
}

/** Records by the rig they belong to; null for the catalogue. */
export function groupedByRig(records: readonly AnyRecord[]): ReadonlyMap<string | null, readonly AnyRecord[]> {
  const groups = new Map<string | null, AnyRecord[]>();
  for (const record of records) {
    const id = rigOf(record);
    const group = groups.get(id);
    if (group === undefined) groups.set(id, [record]);
    else group.push(record);
  }
  return groups;
}
