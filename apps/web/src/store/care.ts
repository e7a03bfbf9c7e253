import {
  type AnyRecord,
  byRig,
  migrate,
  RECORD_KINDS,
  type RecordKind,
  type RecordOf,
  type RigSummary,
  type Step,
  SUMMARY_SHAPE,
  summarise,
} from "@amp-saver/records";
import type { Database } from "./database.ts";

/** Rigs from which on whole tables are read at once instead of rig by rig. */
const MANY_RIGS = 50;

/** Migration steps by kind; the released ones unless a test brings its own. */
export type Versions = Readonly<Record<RecordKind, { readonly newest: number; readonly steps: Readonly<Record<number, Step>> }>>;

/** Brings records of older versions up to date in place. */
export async function migrateInPlace(db: Database, versions: Versions): Promise<void> {
  await db.transaction("rw", db.tables, async () => {
    for (const kind of RECORD_KINDS) {
      const { newest, steps } = versions[kind];
      const older = db.rows(kind).where("record.schema").below(newest);
      if ((await older.count()) === 0) continue;
      await older.modify((row, ref) => {
        const migrated = migrate(row.record as unknown as Record<string, unknown>, newest, steps);
        if (migrated.ok) ref.value = { ...row, record: migrated.value as unknown as AnyRecord };
      });
      await db.summaries.clear();
    }
  });
}

/** Makes the summaries anew where some are missing, too many or of another shape. */
export async function sumUp(db: Database): Promise<void> {
  const [rigs, all, fitting] = await Promise.all([
    db.rows("rig").count(),
    db.summaries.count(),
    db.summaries.where("shape").equals(SUMMARY_SHAPE).count(),
  ]);
  if (rigs === all && all === fitting) return;
  await db.transaction("rw", db.tables, async () => {
    await db.summaries.clear();
    await db.summaries.bulkPut([...(await summariesOf(db, null))]);
  });
}

/** Summaries of these rigs, or of all. */
export async function summariesOf(db: Database, ids: readonly string[] | null): Promise<readonly RigSummary[]> {
  const read = async <K extends "rig" | "unit" | "source" | "job">(kind: K): Promise<RecordOf[K][]> => {
    const table = db.rows(kind);
    const rows = await (ids === null || ids.length > MANY_RIGS
      ? table.toArray()
      : table
          .where("rig")
          .anyOf([...ids])
          .toArray());
    return rows.map((row) => row.record) as RecordOf[K][];
  };
  const [rigs, allUnits, allSources, allJobs] = await Promise.all([read("rig"), read("unit"), read("source"), read("job")]);
  const [units, sources, jobs] = [byRig(allUnits), byRig(allSources), byRig(allJobs)];
  const wanted = ids === null ? null : new Set(ids);
  return rigs
    .filter((rig) => wanted === null || wanted.has(rig.id))
    .map((rig) => summarise(rig, units.get(rig.id) ?? [], sources.get(rig.id) ?? [], jobs.get(rig.id) ?? []));
}

/** Pixels whose photo is neither kept nor to be had back by undo or redo are let go. */
export async function dropLonePixels(db: Database): Promise<void> {
  await db.transaction("rw", db.tables, async () => {
    const ids = (await db.pixels.toCollection().primaryKeys()) as string[];
    if (ids.length === 0) return;
    const kept = new Set<unknown>();
    for (const kind of ["photo", "sound", "waveform"] as const)
      for (const id of await db.rows(kind).toCollection().primaryKeys()) kept.add(id);
    await db.steps.each(({ files }) => {
      for (const id of files) kept.add(id);
    });
    await db.pixels.bulkDelete(ids.filter((id) => !kept.has(id)));
  });
}
