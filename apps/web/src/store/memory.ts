import type { AnyRecord, RecordKind, RecordOf, RigId } from "@amp-saver/records";
import { rigOf } from "@amp-saver/records";
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
import { type Commit, JOURNAL_MOST, type RecordStore, type SharedRig, type StoreResult } from "./port.ts";

/** What tests may make go wrong. */
export interface MemoryFaults {
  /** Most records held; more is "full". */
  readonly most?: number;
  /** Whether the next write breaks off. */
  readonly breaksOff?: () => boolean;
  readonly now?: () => number;
}

/** A store that lives as long as the page: for tests, and where the browser allows nothing better. */
export function memoryStore(faults: MemoryFaults = {}): RecordStore {
  let records = new Map<string, AnyRecord>();
  let journal: Placed[] = [];
  const pictures = new Map<string, Uint8Array<ArrayBuffer>>();
  const shares = new Map<string, SharedRig>();
  let seq = 0;
  let open = true;
  const listeners = new Set<() => void>();
  const now = faults.now ?? Date.now;
  const key = (kind: RecordKind, id: string): string => `${kind} ${id}`;

  function apply(changes: readonly { kind: RecordKind; id: string; to: AnyRecord | null }[]): StoreResult {
    if (faults.breaksOff?.() === true) return { ok: false, reason: "aborted" };
    const next = new Map(records);
    for (const { kind, id, to } of changes) {
      if (to === null) next.delete(key(kind, id));
      else next.set(key(kind, id), structuredClone(to));
    }
    if (faults.most !== undefined && next.size > faults.most) return { ok: false, reason: "full" };
    records = next;
    return { ok: true };
  }

  function changed(): void {
    for (const listener of listeners) listener();
  }

  function withBefore(commit: Commit): readonly DoneChange[] {
    const seen = new Map<string, AnyRecord | null>();
    const done = commit.changes.map((c) => {
      const at = key(c.kind, c.id);
      const resolved = resolve(c, seen.has(at) ? seen.get(at)! : (records.get(at) ?? null));
      seen.set(at, resolved.after);
      return resolved;
    });
    return collapsed(done);
  }

  function remember(commit: Commit, done: readonly DoneChange[]): void {
    journal = journal.filter((p) => !p.entry.undone);
    const latest = journal.at(-1);
    if (latest !== undefined && continues(latest.entry, commit, now())) {
      journal = [...journal.slice(0, -1), { seq: latest.seq, entry: fold(latest.entry, done, now()) }];
      return;
    }
    seq += 1;
    const entry: JournalEntry = { label: commit.label, changes: done, mergeKey: commit.mergeKey ?? null, at: now(), undone: false };
    journal = [...journal, { seq, entry }].slice(-JOURNAL_MOST);
  }

  async function step(which: "undo" | "redo"): Promise<StoreResult> {
    if (!open) return { ok: false, reason: "closed" };
    const target = which === "undo" ? nextUndo(journal) : nextRedo(journal);
    if (target === undefined) return { ok: false, reason: "nothing-there" };
    const result = apply(target.entry.changes.map((c) => ({ kind: c.kind, id: c.id, to: which === "undo" ? c.before : c.after })));
    if (!result.ok) return result;
    journal = journal.map((p) => (p === target ? { ...p, entry: { ...p.entry, undone: which === "undo" } } : p));
    changed();
    return result;
  }

  return {
    async get<K extends RecordKind>(kind: K, id: string) {
      return structuredClone(records.get(key(kind, id))) as RecordOf[K] | undefined;
    },
    async list<K extends RecordKind>(kind: K, rigId?: RigId) {
      const found = [...records.values()].filter((r) => r.kind === kind && (rigId === undefined || rigOf(r) === rigId));
      return structuredClone(found) as unknown as RecordOf[K][];
    },
    async commit(commit) {
      if (!open) return { ok: false, reason: "closed" };
      const done = withBefore(commit);
      const result = apply(done.map((c) => ({ kind: c.kind, id: c.id, to: c.after })));
      if (!result.ok) return result;
      if (commit.silent !== true) remember(commit, done);
      changed();
      return result;
    },
    undo: () => step("undo"),
    redo: () => step("redo"),
    async history() {
      return historyOf(journal);
    },
    async pixels(id) {
      return pictures.get(id)?.slice();
    },
    async keepPixels(id, bytes) {
      if (!open) return { ok: false, reason: "closed" };
      pictures.set(id, bytes.slice());
      return { ok: true };
    },
    async shared(rigId) {
      return structuredClone(shares.get(rigId) ?? { states: [], seen: [] });
    },
    async keepShared(rigId, shared) {
      if (!open) return { ok: false, reason: "closed" };
      shares.set(rigId, structuredClone(shared));
      return { ok: true };
    },
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close() {
      open = false;
    },
  };
}
