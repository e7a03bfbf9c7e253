import { present } from "@amp-saver/core/quantity";
import { type AnyRecord, hasBlob, migrate, RECORD_KINDS, SUMMARY_SHAPE, summarise } from "@amp-saver/records";
import { ageOf, type Database, LATEST_DATABASE, NO_RIG, recordsOfRow, rigRow } from "./database.ts";

/** Thrown for a database that a newer app has written. */
export class NewerError extends Error {
  override readonly name = "NewerError";
}

/** Versions as the browser counts them: ten to one of ours. */
const NATIVE = 10;

/** Whether a newer app has kept something here that this one could spoil. */
export async function isNewer(db: Database): Promise<boolean> {
  if (db.backendDB().version > NATIVE * LATEST_DATABASE) return true;
  return (await db.rigs.where("age").above(ageOf(db.versions)).first()) !== undefined;
}

/** Brings records of older versions up to date in place; those that cannot be stay as they are. */
export async function migrateInPlace(db: Database): Promise<void> {
  const { versions } = db;
  const older = db.rigs.where("age").below(ageOf(versions));
  if ((await older.first()) === undefined) return;
  await db.transaction("rw", db.tables, async () => {
    await older.modify((row, ref) => {
      const records = recordsOfRow(row).map((record) => {
        const { newest, steps } = versions[record.kind];
        const migrated = migrate({ ...record }, newest, steps);
        return migrated.ok ? (migrated.value as AnyRecord) : record;
      });
      ref.value = { ...row, ...present(rigRow(row.id, records, versions)) };
    });
    await db.summaries.clear();
  });
}

/** Makes the summaries anew where there are none yet, or some of another shape. */
export async function sumUp(db: Database): Promise<void> {
  const [rig, summary, odd] = await Promise.all([
    db.rigs.where("id").above(NO_RIG).first(),
    db.summaries.limit(1).first(),
    db.summaries.where("shape").notEqual(SUMMARY_SHAPE).first(),
  ]);
  if (odd === undefined && (rig === undefined) === (summary === undefined)) return;
  await db.transaction("rw", db.tables, async () => {
    await db.summaries.clear();
    await db.summaries.bulkPut((await db.rigs.toArray()).flatMap((row) => summarise(recordsOfRow(row)) ?? []));
  });
}

/** How long pixels may lie without a record: a photo or an import keeps its pixels first, perhaps in another tab. */
const LEASE_MS = 86_400_000;

/** Pixels whose photo is neither kept nor to be had back by undo or redo are let go, once they have lain for a day. */
export async function dropLoneBlobs(db: Database, nowMs = Date.now()): Promise<void> {
  await db.transaction("rw", db.tables, async () => {
    const ids = (await db.pixels.toCollection().primaryKeys()) as string[];
    if (ids.length === 0) return;
    const kept = new Set<unknown>();
    for (const kind of RECORD_KINDS.filter(hasBlob))
      for (const key of await db.rigs.where("keys").startsWith(`${kind} `).keys()) kept.add(String(key).slice(kind.length + 1));
    await db.steps.each(({ files }) => {
      for (const id of files) kept.add(id);
    });
    const lone = ids.filter((id) => !kept.has(id));
    const rows = await db.pixels.bulkGet(lone);
    await db.pixels.bulkDelete(rows.flatMap((row) => (row === undefined || nowMs - (row.at ?? 0) < LEASE_MS ? [] : [row.id])));
  });
}
