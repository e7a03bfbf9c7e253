import { type AnyRecord, isKind, type RecordKind, type RecordOf, type RigId, type RigSummary, rigOf, type Tell } from "@amp-saver/records";
import type { SharedStates } from "@amp-saver/records/exchange";
import { Dexie } from "dexie";
import { Database, NO_RIG, type RigRow, recordsOfRow, sharedOf, shareRow, sideRow, sidesOfRow, type Versions } from "./database.ts";
import {
  continues,
  type DoneChange,
  furtherSides,
  historyOf,
  type JournalSide,
  movesRig,
  nextRedo,
  nextUndo,
  resolved,
  type Step,
  sideOf,
  stepOf,
} from "./journal.ts";
import type { PendingLog, Turn } from "./pending.ts";
import { type Commit, JOURNAL_MOST, type RecordStore, type StoreFailure, type StoreResult } from "./port.ts";
import { FEW, putRecords, recordsIn, rowsOf } from "./rows.ts";
import { dropLoneBlobs, isNewer, migrateInPlace, NewerError, sumUp } from "./upkeep.ts";

/** Sides kept in one row. */
const SIDES = 1000;

/** Opens the store in the browser's own database; records of older versions are brought up to date in place. */
export async function dexieStore(name: string, versions: Versions, log: PendingLog | null = null): Promise<DexieStore> {
  const db = new Database(name, versions);
  await db.open();
  if (await isNewer(db)) {
    db.close();
    throw new NewerError();
  }
  await migrateInPlace(db);
  await sumUp(db);
  await dropLoneBlobs(db);
  return new DexieStore(db, log);
}

/** Opens a database that another part of the app has opened and cared for: in a worker. */
export async function joinStore(name: string, versions: Versions): Promise<RecordStore> {
  const db = new Database(name, versions);
  await db.open();
  return new DexieStore(db, null);
}

/** The browser's database as a store. */
export class DexieStore implements RecordStore {
  private readonly db: Database;
  private readonly log: PendingLog | null;
  private gone: StoreFailure | null = null;
  private readonly lossListeners = new Set<(reason: StoreFailure) => void>();

  constructor(db: Database, log: PendingLog | null) {
    this.db = db;
    this.log = log;
    db.on("versionchange", (event) => this.lose(event.newVersion === null ? "deleted" : "closed"));
    db.backendDB().addEventListener("close", () => this.lose("lost"));
  }

  async get<K extends RecordKind>(kind: K, id: string): Promise<RecordOf[K] | undefined> {
    const row = await this.db.rigs.where("keys").equals(`${kind} ${id}`).first();
    return (
      row &&
      this.known(recordsOfRow(row))
        .filter((r) => isKind(r, kind))
        .find((r) => r.id === id)
    );
  }

  async list<K extends RecordKind>(kind: K, rigId?: RigId): Promise<RecordOf[K][]> {
    const only = kind === "starter" ? NO_RIG : rigId;
    if (only === undefined) return (await this.db.rigs.toArray()).flatMap((row) => recordsOfRow(row).filter((r) => isKind(r, kind)));
    const row = await this.db.rigs.get(only);
    return row === undefined ? [] : this.known(recordsOfRow(row)).filter((r) => isKind(r, kind));
  }

  async records(rigIds: readonly string[] | null): Promise<readonly AnyRecord[]> {
    const few = rigIds !== null && rigIds.length <= FEW;
    const rows = await (few ? this.db.rigs.bulkGet([...new Set([NO_RIG, ...rigIds])]) : this.db.rigs.toArray());
    const wanted = few || rigIds === null ? null : new Set([NO_RIG, ...rigIds]);
    const records = rows.flatMap((row) => (row === undefined || wanted?.has(row.id) === false ? [] : recordsOfRow(row)));
    return few ? this.known(records) : records;
  }

  summaries(): Promise<readonly RigSummary[]> {
    return this.db.summaries.toArray();
  }

  async commit(commit: Commit, tell?: Tell): Promise<StoreResult> {
    const turn = this.log?.enter(commit) ?? null;
    const result = await this.save(commit, turn, tell);
    if (result.ok || !LATER.includes(result.reason)) this.log?.leave(turn);
    return result;
  }

  /** Does again what a tab that is gone had not done; a save that is in the records already is left as it is. */
  async finish(tab: string): Promise<void> {
    for (const { turn, commit } of this.log?.left(tab) ?? []) {
      if (commit !== null) await this.save(commit, turn);
      this.log?.leave(turn);
    }
  }

  private save(commit: Commit, turn: Turn | null, tell?: Tell): Promise<StoreResult> {
    return this.write(async () => {
      const rows = await rowsOf(this.db, commit.changes);
      if (turn !== null && turn.tab !== this.log?.tab && (await this.hasDone(commit, turn, rows))) return true;
      const before = recordsIn(rows);
      const done = resolved(commit.changes, (kind, id) => before.get(`${kind} ${id}`) ?? null);
      if (movesRig(done)) throw new MovedError();
      await putRecords(
        this.db,
        done.map((c) => ({ kind: c.kind, id: c.id, to: c.after })),
        rows,
        tell,
        turn ?? undefined,
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

  async blobs(id: string): Promise<Uint8Array<ArrayBuffer> | undefined> {
    return (await this.db.pixels.get(id))?.bytes;
  }

  keepBlob(id: string, bytes: Uint8Array<ArrayBuffer>): Promise<StoreResult> {
    return this.write(async () => {
      await this.db.pixels.put({ id, bytes, at: Date.now() });
      return true;
    });
  }

  async shared(rigIds: readonly string[]): Promise<ReadonlyMap<string, SharedStates>> {
    const rows = await this.db.shares.bulkGet([...rigIds]);
    return new Map(rows.flatMap((row) => (row === undefined ? [] : [[row.id, sharedOf(row)] as const])));
  }

  keepShared(shared: ReadonlyMap<string, SharedStates>): Promise<StoreResult> {
    const rows = [...shared].map(([id, states]) => shareRow(id, states));
    return this.write(async () => {
      await this.db.shares.bulkPut(rows);
      return true;
    });
  }

  subscribe(listener: () => void): () => void {
    const heard = (): void => listener();
    Dexie.on("storagemutated", heard);
    return () => Dexie.on("storagemutated").unsubscribe(heard);
  }

  onLost(listener: (reason: StoreFailure) => void): () => void {
    this.lossListeners.add(listener);
    return () => this.lossListeners.delete(listener);
  }

  close(): void {
    this.gone ??= "closed";
    this.db.close();
  }

  private lose(reason: StoreFailure): void {
    if (this.gone !== null) return;
    this.gone = reason;
    this.db.close();
    for (const told of this.lossListeners) told(reason);
  }

  private known(records: readonly AnyRecord[]): readonly AnyRecord[] {
    this.log?.know(records);
    return records;
  }

  /** Whether a save of a tab that is gone is in the records, or has no rig left to be in. */
  private async hasDone({ changes }: Commit, turn: Turn, rows: readonly RigRow[]): Promise<boolean> {
    const made = changes.flatMap((c) => ("after" in c ? (c.after ?? []) : "absent" in c ? c.absent : []));
    const homes = [...new Set(made.map((r) => rigOf(r) ?? NO_RIG))];
    const all = [...rows, ...(await this.db.rigs.bulkGet(homes)).filter((row) => row !== undefined)];
    if (all.some((row) => row.done?.some((d) => d.tab === turn.tab && d.seq >= turn.seq) === true)) return true;
    const begins = made.some((r) => r.kind === "rig" || rigOf(r) === null);
    return all.length === 0 && !begins;
  }

  private steps(): Promise<Step[]> {
    return this.db.steps.orderBy("seq").toArray();
  }

  private step(find: typeof nextUndo, undone: boolean): Promise<StoreResult> {
    return this.write(async () => {
      const target = find(await this.steps());
      if (target === undefined) return false;
      const sides = await this.sidesOf(target);
      const rows = await rowsOf(this.db, sides);
      const before = recordsIn(rows);
      await putRecords(this.db, sides, rows);
      await this.db.sides.where("seq").equals(target.seq).delete();
      await this.keepSides(
        target.seq,
        sides.map(({ kind, id }) => ({ kind, id, to: before.get(`${kind} ${id}`) ?? null })),
      );
      await this.db.steps.update(target.seq, { undone });
      return true;
    });
  }

  private async sidesOf({ seq }: Step): Promise<readonly JournalSide[]> {
    return (await this.db.sides.where("seq").equals(seq).sortBy("at")).flatMap(sidesOfRow);
  }

  private async keepSides(seq: number, sides: readonly JournalSide[]): Promise<void> {
    for (let from = 0; from < sides.length; from += SIDES) await this.db.sides.add(sideRow(seq, sides.slice(from, from + SIDES)));
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
    if (this.gone !== null) return { ok: false, reason: this.gone };
    try {
      const found = await this.db.transaction("rw", this.db.tables, work);
      return found ? { ok: true } : { ok: false, reason: "nothing-there" };
    } catch (error) {
      return { ok: false, reason: this.gone ?? failureOf(error) };
    }
  }
}

/** Failures after which what was to be saved is still saved when the page is loaded again. */
const LATER: readonly StoreFailure[] = ["closed", "lost"];

/** Ends a write that would have taken a record from one rig to another. */
class MovedError extends Error {
  override readonly name = "MovedError";
}

/** The store's word for what the browser threw; of many writes at once the first that failed counts. */
function failureOf(error: unknown): StoreFailure {
  const { inner, failures } = (error ?? {}) as { inner?: unknown; failures?: readonly unknown[] };
  const names = [error, inner, ...(failures ?? [])].map((e) => (e instanceof Error ? e.name : ""));
  if (names.includes("MovedError")) return "moved";
  if (names.includes("QuotaExceededError")) return "full";
  if (names.includes("DatabaseClosedError") || names.includes("InvalidStateError")) return "lost";
  return "aborted";
}
