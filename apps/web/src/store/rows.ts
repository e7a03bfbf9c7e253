import { type AnyRecord, type RecordKind, recordKey, rigOf, summarise, type Tell } from "@amp-saver/records";
import { type Database, marked, NO_RIG, type RigRow, recordsOfRow, rigRow } from "./database.ts";
import type { JournalSide } from "./journal.ts";
import type { Turn } from "./pending.ts";

/** Rows written at a time. */
const CHUNK = 500;
/** Records or rigs up to which each is looked for; of more the whole table is read. */
export const FEW = 200;

const home = (record: AnyRecord): string => rigOf(record) ?? NO_RIG;
const byKey = (row: RigRow): Map<string, AnyRecord> => new Map(recordsOfRow(row).map((r) => [recordKey(r), r]));

/** Rows that hold any of these records, and of many records all rows. */
export function rowsOf(db: Database, changes: readonly { readonly kind: RecordKind; readonly id: string }[]): Promise<RigRow[]> {
  if (changes.length > FEW) return db.rigs.toArray();
  const keys = [...new Set(changes.map(recordKey))];
  return db.rigs.where("keys").anyOf(keys).distinct().toArray();
}

/** Records of rows by kind and id. */
export function recordsIn(rows: readonly RigRow[]): ReadonlyMap<string, AnyRecord> {
  return new Map(rows.flatMap((row) => [...byKey(row)]));
}

/** Puts records in place, or takes them away, and sums their rigs up anew; rows are those that hold any of them now. */
export async function putRecords(
  db: Database,
  sides: readonly JournalSide[],
  rows: readonly RigRow[],
  tell?: Tell,
  turn?: Turn,
): Promise<void> {
  const next = new Map(rows.map((row) => [row.id, byKey(row)]));
  const missing = [...new Set(sides.flatMap(({ to }) => (to === null || next.has(home(to)) ? [] : [home(to)])))];
  const further = sides.length > FEW ? [] : await db.rigs.bulkGet(missing);
  for (const row of further) if (row !== undefined) next.set(row.id, byKey(row));
  const done = new Map([...rows, ...further].flatMap((row) => (row?.done === undefined ? [] : [[row.id, row.done] as const])));
  for (const id of missing) if (!next.has(id)) next.set(id, new Map());
  const holds = new Map([...next].flatMap(([id, records]) => [...records.keys()].map((key) => [key, id] as const)));
  const touched = new Set<string>();
  for (const side of sides) {
    const key = recordKey(side);
    const from = holds.get(key);
    const to = side.to === null ? undefined : home(side.to);
    if (from !== undefined && from !== to) next.get(from)?.delete(key);
    if (side.to !== null && to !== undefined) next.get(to)?.set(key, side.to);
    for (const id of [from, to]) if (id !== undefined) touched.add(id);
  }
  await writeRows(
    db,
    [...touched].map((id) => [id, [...(next.get(id)?.values() ?? [])]]),
    (id) => marked(done.get(id) ?? [], turn),
    tell,
  );
}

async function writeRows(
  db: Database,
  all: readonly (readonly [string, readonly AnyRecord[]])[],
  doneOf: (id: string) => readonly Turn[],
  tell?: Tell,
): Promise<void> {
  for (let from = 0; from < all.length; from += CHUNK) {
    const part = all.slice(from, from + CHUNK);
    const rows = part.flatMap(([id, records]) => {
      const row = rigRow(id, records, db.versions);
      const done = doneOf(id);
      return row === null ? [] : [done.length === 0 ? row : { ...row, done }];
    });
    const sums = part.flatMap(([, records]) => summarise(records) ?? []);
    await db.rigs.bulkDelete(gone(part, rows));
    await db.summaries.bulkDelete(gone(part, sums));
    await db.rigs.bulkPut(rows);
    await db.summaries.bulkPut(sums);
    tell?.(Math.min(1, (from + CHUNK) / all.length));
  }
  tell?.(1);
}

/** Ids of a part that have nothing to be put. */
function gone(part: readonly (readonly [string, unknown])[], put: readonly { readonly id: string }[]): string[] {
  const there = new Set(put.map((row) => row.id));
  return part.flatMap(([id]) => (there.has(id) ? [] : [id]));
}
