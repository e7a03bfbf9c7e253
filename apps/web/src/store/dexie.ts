import { type AnyRecord, migrate, RECORD_KINDS, type RecordKind, type RecordOf, type RigId, rigOf, type Step } from "@amp-saver/records";
import { Dexie, type EntityTable } from "dexie";
import {
  collapsed,
  continues,
  type DoneChange,
  fold,
  historyOf,
  type JournalEntry,
  nextRedo,
  nextUndo,
  type Placed,
  resolve,
} from "./journal.ts";
import { type Change, type Commit, JOURNAL_MOST, type RecordStore, type SharedRig, type StoreFailure, type StoreResult } from "./port.ts";

/** A record as it lies in its table: the rig it belongs to is indexed beside it. */
interface Row {
  readonly id: string;
  readonly rig: string;
  readonly record: AnyRecord;
}

/** The pixels of a photo, under its id. */
interface PixelRow {
  readonly id: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** What is remembered of a rig's travels, under its id. */
interface ShareRow extends SharedRig {
  readonly id: string;
}

type JournalRow = JournalEntry & { seq: number };

/** Kinds of the first released database. */
const FIRST_KINDS = ["rig", "unit", "source", "job", "reading"] as const;
/** Kinds of the second. */
const SECOND_KINDS = [...FIRST_KINDS, "starter"] as const;
/** Kinds of the third. */
const THIRD_KINDS = [...SECOND_KINDS, "load"] as const;
/** Kinds of the fourth. */
const FOURTH_KINDS = [...THIRD_KINDS, "photo", "wiring", "work", "sound"] as const;
/** Where the rig is indexed for what belongs to none. */
const NO_RIG = "";

class Database extends Dexie {
  readonly journal!: EntityTable<JournalRow, "seq">;
  readonly pixels!: EntityTable<PixelRow, "id">;
  readonly shares!: EntityTable<ShareRow, "id">;

  constructor(name: string) {
    super(name);
    const tables = (kinds: readonly RecordKind[]) => Object.fromEntries(kinds.map((kind) => [kind, "id, rig"]));
    this.version(1).stores({ ...tables(FIRST_KINDS), journal: "++seq" });
    this.version(2).stores(tables(SECOND_KINDS));
    this.version(3).stores(tables(THIRD_KINDS));
    this.version(4).stores({ ...tables(FOURTH_KINDS), pixels: "id" });
    this.version(5).stores({ ...tables(RECORD_KINDS), shares: "id" });
  }

  rows(kind: RecordKind): EntityTable<Row, "id"> {
    return this.table(kind);
  }
}

/** Migration steps by kind; the released ones unless a test brings its own. */
export type Versions = Readonly<Record<RecordKind, { readonly newest: number; readonly steps: Readonly<Record<number, Step>> }>>;

/** Opens the store in the browser's own database; records of older versions are brought up to date in place. */
export async function dexieStore(name: string, versions: Versions): Promise<RecordStore> {
  const db = new Database(name);
  await db.open();
  await migrateInPlace(db, versions);
  await dropLonePixels(db);
  return new DexieStore(db);
}

async function migrateInPlace(db: Database, versions: Versions): Promise<void> {
  await db.transaction("rw", db.tables, async () => {
    for (const kind of RECORD_KINDS) {
      const { newest, steps } = versions[kind];
      await db
        .rows(kind)
        .filter((row) => row.record.schema < newest)
        .modify((row, ref) => {
          const migrated = migrate(row.record as unknown as Record<string, unknown>, newest, steps);
          if (migrated.ok) ref.value = { ...row, record: migrated.value as unknown as AnyRecord };
        });
    }
  });
}

/** Kinds whose bytes lie beside the records. */
const PIXELED = ["photo", "sound", "waveform"] as const;

/** Pixels whose photo is neither kept nor to be had back by undo or redo are let go. */
async function dropLonePixels(db: Database): Promise<void> {
  await db.transaction("rw", db.tables, async () => {
    const ids = (await db.pixels.toCollection().primaryKeys()) as string[];
    if (ids.length === 0) return;
    const kept = new Set<unknown>();
    for (const kind of PIXELED) for (const id of await db.rows(kind).toCollection().primaryKeys()) kept.add(id);
    await db.journal.each(({ changes }) => {
      for (const change of changes) if ((PIXELED as readonly string[]).includes(change.kind)) kept.add(change.id);
    });
    await db.pixels.bulkDelete(ids.filter((id) => !kept.has(id)));
  });
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

  commit(commit: Commit): Promise<StoreResult> {
    return this.write(async () => {
      const done: DoneChange[] = [];
      for (const change of commit.changes) {
        const resolved = resolve(change, (await this.db.rows(change.kind).get(change.id))?.record ?? null);
        done.push(resolved);
        await this.put(resolved, resolved.after);
      }
      if (commit.silent !== true) await this.remember(commit, collapsed(done));
      return true;
    });
  }

  undo(): Promise<StoreResult> {
    return this.step(nextUndo, (c) => c.before, true);
  }

  redo(): Promise<StoreResult> {
    return this.step(nextRedo, (c) => c.after, false);
  }

  async history() {
    return historyOf(await this.placed());
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

  async shared(rigId: string): Promise<SharedRig> {
    const row = await this.db.shares.get(rigId);
    return { states: row?.states ?? [], seen: row?.seen ?? [] };
  }

  keepShared(rigId: string, shared: SharedRig): Promise<StoreResult> {
    return this.write(async () => {
      await this.db.shares.put({ id: rigId, ...shared });
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

  private async placed(): Promise<Placed[]> {
    return (await this.db.journal.orderBy("seq").toArray()).map((row) => ({ seq: row.seq, entry: row }));
  }

  private step(find: typeof nextUndo, to: (change: DoneChange) => AnyRecord | null, undone: boolean): Promise<StoreResult> {
    return this.write(async () => {
      const target = find(await this.placed());
      if (target === undefined) return false;
      for (const change of target.entry.changes) await this.put(change, to(change));
      await this.db.journal.update(target.seq, { undone });
      return true;
    });
  }

  private async put(change: Change, record: AnyRecord | null): Promise<void> {
    const table = this.db.rows(change.kind);
    if (record === null) await table.delete(change.id);
    else await table.put({ id: change.id, rig: rigOf(record) ?? NO_RIG, record });
  }

  private async remember(commit: Commit, done: readonly DoneChange[]): Promise<void> {
    const journal = await this.placed();
    await this.db.journal.bulkDelete(journal.filter((p) => p.entry.undone).map((p) => p.seq));
    const latest = journal.findLast((p) => !p.entry.undone);
    const at = Date.now();
    if (latest !== undefined && continues(latest.entry, commit, at)) {
      await this.db.journal.put({ ...fold(latest.entry, done, at), seq: latest.seq });
      return;
    }
    await this.db.journal.add({ label: commit.label, changes: done, mergeKey: commit.mergeKey ?? null, at, undone: false } as JournalRow);
    const over = journal.length + 1 - JOURNAL_MOST;
    if (over > 0) await this.db.journal.bulkDelete(journal.slice(0, over).map((p) => p.seq));
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

function failureOf(error: unknown): StoreFailure {
  const names = [error, (error as { inner?: unknown } | null)?.inner].map((e) => (e instanceof Error ? e.name : ""));
  if (names.includes("QuotaExceededError")) return "full";
  if (names.includes("DatabaseClosedError") || names.includes("InvalidStateError")) return "closed";
  return "aborted";
}
