import {
  type AnyRecord,
  isSummed,
  type RecordKind,
  type RecordOf,
  type RigId,
  type RigSummary,
  rigOf,
  type Tell,
} from "@amp-saver/records";
import { Dexie } from "dexie";
import { dropLonePixels, migrateInPlace, summariesOf, sumUp, type Versions } from "./care.ts";
import { Database } from "./database.ts";
import {
  continues,
  type DoneChange,
  furtherSides,
  historyOf,
  nextRedo,
  nextUndo,
  resolved,
  type Side,
  type Step,
  sideOf,
  stepOf,
} from "./journal.ts";
import { type Commit, JOURNAL_MOST, type RecordStore, type SharedRig, type StoreFailure, type StoreResult } from "./port.ts";

/** Where the rig is indexed for what belongs to none. */
const NO_RIG = "";
/** Rows written at a time. */
const CHUNK = 1000;

/** Opens the store in the browser's own database; records of older versions are brought up to date in place. */
export async function dexieStore(name: string, versions: Versions): Promise<RecordStore> {
  const db = new Database(name);
  await db.open();
  await migrateInPlace(db, versions);
  await sumUp(db);
  await dropLonePixels(db);
  return new DexieStore(db);
}

/** Opens a database that another part of the app has opened and cared for: in a worker. */
export async function joinStore(name: string): Promise<RecordStore> {
  const db = new Database(name);
  await db.open();
  return new DexieStore(db);
}

class DexieStore implements RecordStore {
  private readonly db: Database;
  private open = true;

  constructor(db: Database) {
    this.db = db;
    db.on("versionchange", () => this.close());
  }

  async get<K extends RecordKind>(kind: K, id: string): Promise<RecordOf[K] | undefined> {
    return (await this.db.rows(kind).get(id))?.record as RecordOf[K] | undefined;
  }

  async list<K extends RecordKind>(kind: K, rigId?: RigId): Promise<RecordOf[K][]> {
    const table = this.db.rows(kind);
    const rows = await (rigId === undefined ? table.toArray() : table.where("rig").equals(rigId).toArray());
    return rows.map((row) => row.record) as RecordOf[K][];
  }

  summaries(): Promise<readonly RigSummary[]> {
    return this.db.summaries.toArray();
  }

  commit(commit: Commit, tell?: Tell): Promise<StoreResult> {
    return this.write(async () => {
      const before = await this.before(commit.changes);
      const done = resolved(commit.changes, (kind, id) => before.get(`${kind} ${id}`) ?? null);
      await this.put(
        done.map((c) => ({ kind: c.kind, id: c.id, to: c.after })),
        before,
        tell,
      );
      if (commit.silent !== true) await this.remember(commit, done);
      return true;
    });
  }

  undo(): Promise<StoreResult> {
    return this.step(nextUndo, true);
  }

  redo(): Promise<StoreResult> {
    return this.step(nextRedo, false);
  }

  async history() {
    return historyOf(await this.steps());
  }

  async pixels(id: string): Promise<Uint8Array<ArrayBuffer> | undefined> {
    return (await this.db.pixels.get(id))?.bytes;
  }

  keepPixels(id: string, bytes: Uint8Array<ArrayBuffer>): Promise<StoreResult> {
    return this.write(async () => {
      await this.db.pixels.put({ id, bytes });
      return true;
    });
  }

  async shared(rigIds: readonly string[]): Promise<ReadonlyMap<string, SharedRig>> {
    const rows = await this.db.shares.bulkGet([...rigIds]);
    return new Map(rows.flatMap((row) => (row === undefined ? [] : [[row.id, { states: row.states, seen: row.seen }] as const])));
  }

  keepShared(shared: ReadonlyMap<string, SharedRig>): Promise<StoreResult> {
    return this.write(async () => {
      await this.db.shares.bulkPut([...shared].map(([id, travels]) => ({ id, ...travels })));
      return true;
    });
  }

  subscribe(listener: () => void): () => void {
    const heard = (): void => listener();
    Dexie.on("storagemutated", heard);
    return () => Dexie.on("storagemutated").unsubscribe(heard);
  }

  close(): void {
    this.open = false;
    this.db.close();
  }

  private steps(): Promise<Step[]> {
    return this.db.steps.orderBy("seq").toArray();
  }

  private step(find: typeof nextUndo, undone: boolean): Promise<StoreResult> {
    return this.write(async () => {
      const target = find(await this.steps());
      if (target === undefined) return false;
      const sides = await this.sidesOf(target);
      const before = await this.before(sides);
      await this.put(sides, before);
      await this.db.sides.where("seq").equals(target.seq).delete();
      await this.keepSides(
        target.seq,
        sides.map(({ kind, id }) => ({ kind, id, to: before.get(`${kind} ${id}`) ?? null })),
      );
      await this.db.steps.update(target.seq, { undone });
      return true;
    });
  }

  private async sidesOf({ seq }: Step): Promise<readonly Side[]> {
    return (await this.db.sides.where("seq").equals(seq).sortBy("at")).flatMap((row) => row.sides);
  }

  private async keepSides(seq: number, sides: readonly Side[]): Promise<void> {
    for (let from = 0; from < sides.length; from += CHUNK) await this.db.sides.add({ seq, sides: sides.slice(from, from + CHUNK) });
  }

  /** What is there now of the records that will be changed. */
  private async before(changes: readonly { readonly kind: RecordKind; readonly id: string }[]): Promise<ReadonlyMap<string, AnyRecord>> {
    const found = new Map<string, AnyRecord>();
    for (const [kind, ids] of grouped(changes.map(({ kind, id }) => [kind, id] as const)))
      for (const row of await this.db.rows(kind).bulkGet([...new Set(ids)]))
        if (row !== undefined) found.set(`${kind} ${row.id}`, row.record);
    return found;
  }

  private async put(sides: readonly Side[], before: ReadonlyMap<string, AnyRecord>, tell?: Tell): Promise<void> {
    let written = 0;
    for (const [kind, own] of grouped(sides.map((side) => [side.kind, side] as const))) {
      const table = this.db.rows(kind);
      for (let from = 0; from < own.length; from += CHUNK) {
        const part = own.slice(from, from + CHUNK);
        const gone = part.filter((s) => s.to === null).map((s) => s.id);
        if (gone.length > 0) await table.bulkDelete(gone);
        const rows = part.flatMap(({ id, to }) => (to === null ? [] : [{ id, rig: rigOf(to) ?? NO_RIG, record: to }]));
        if (rows.length > 0) await table.bulkPut(rows);
        written += part.length;
        tell?.(written / sides.length);
      }
    }
    await this.sumUp(sides, before);
  }

  /** Brings the summaries of the rigs that were touched up to date. */
  private async sumUp(sides: readonly Side[], before: ReadonlyMap<string, AnyRecord>): Promise<void> {
    const touched = new Set<string>();
    for (const { kind, id, to } of sides)
      for (const record of [to, before.get(`${kind} ${id}`) ?? null]) if (record !== null && isSummed(record)) touched.add(rigOf(record)!);
    if (touched.size === 0) return;
    const fresh = await summariesOf(this.db, [...touched]);
    const there = new Set(fresh.map((s) => s.id));
    const gone = [...touched].filter((id) => !there.has(id));
    if (gone.length > 0) await this.db.summaries.bulkDelete(gone);
    await this.db.summaries.bulkPut([...fresh]);
  }

  private async remember(commit: Commit, done: readonly DoneChange[]): Promise<void> {
    const all = await this.steps();
    await this.forget(all.filter((s) => s.undone));
    const kept = all.filter((s) => !s.undone);
    const latest = kept.at(-1);
    const at = Date.now();
    if (continues(latest, commit, at)) {
      await this.keepSides(latest.seq, furtherSides(await this.sidesOf(latest), done));
      await this.db.steps.update(latest.seq, { at });
      return;
    }
    const seq = await this.db.steps.add(stepOf(commit, done, at));
    await this.keepSides(seq, done.map(sideOf));
    await this.forget(kept.slice(0, Math.max(0, kept.length + 1 - JOURNAL_MOST)));
  }

  private async forget(steps: readonly Step[]): Promise<void> {
    if (steps.length === 0) return;
    const seqs = steps.map((s) => s.seq);
    await this.db.steps.bulkDelete(seqs);
    await this.db.sides.where("seq").anyOf(seqs).delete();
  }

  private async write(work: () => Promise<boolean>): Promise<StoreResult> {
    if (!this.open) return { ok: false, reason: "closed" };
    try {
      const found = await this.db.transaction("rw", this.db.tables, work);
      return found ? { ok: true } : { ok: false, reason: "nothing-there" };
    } catch (error) {
      return { ok: false, reason: failureOf(error) };
    }
  }
}

function grouped<T>(pairs: readonly (readonly [RecordKind, T])[]): ReadonlyMap<RecordKind, readonly T[]> {
  const groups = new Map<RecordKind, T[]>();
  for (const [kind, item] of pairs) {
    const group = groups.get(kind);
    if (group === undefined) groups.set(kind, [item]);
    else group.push(item);
  }
  return groups;
}

/** The store's word for what the browser threw; of many writes at once the first that failed counts. */
function failureOf(error: unknown): StoreFailure {
  const { inner, failures } = (error ?? {}) as { inner?: unknown; failures?: readonly unknown[] };
  const names = [error, inner, ...(failures ?? [])].map((e) => (e instanceof Error ? e.name : ""));
  if (names.includes("QuotaExceededError")) return "full";
  if (names.includes("DatabaseClosedError") || names.includes("InvalidStateError")) return "closed";
  return "aborted";
}
