import { type AnyRecord, grouped, isKind, type RecordKind, type RigId, rigOf, summarise } from "@amp-saver/records";
import type { SharedStates } from "@amp-saver/records/exchange";
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
import { type Commit, JOURNAL_MOST, type RecordStore, type StoreResult } from "./port.ts";

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
  let steps: (Step & { readonly sides: readonly JournalSide[] })[] = [];
  const pictures = new Map<string, Uint8Array<ArrayBuffer>>();
  const shares = new Map<string, SharedStates>();
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

  function remember(commit: Commit, done: readonly DoneChange[]): void {
    steps = steps.filter((s) => !s.undone);
    const latest = steps.at(-1);
    if (latest !== undefined && continues(latest, commit, now())) {
      const sides = [...latest.sides, ...furtherSides(latest.sides, done)];
      steps = [...steps.slice(0, -1), { ...latest, sides, at: now() }];
      return;
    }
    seq += 1;
    steps = [...steps, { ...stepOf(commit, done, now()), seq, sides: done.map(sideOf) }].slice(-JOURNAL_MOST);
  }

  async function step(which: "undo" | "redo"): Promise<StoreResult> {
    if (!open) return { ok: false, reason: "closed" };
    const found = which === "undo" ? nextUndo(steps) : nextRedo(steps);
    const target = steps.find((s) => s === found);
    if (target === undefined) return { ok: false, reason: "nothing-there" };
    const back = target.sides.map(({ kind, id }): JournalSide => ({ kind, id, to: records.get(key(kind, id)) ?? null }));
    const result = apply(target.sides);
    if (!result.ok) return result;
    steps = steps.map((s) => (s === target ? { ...s, sides: back, undone: which === "undo" } : s));
    changed();
    return result;
  }

  return {
    async get<K extends RecordKind>(kind: K, id: string) {
      const found = records.get(key(kind, id));
      return found !== undefined && isKind(found, kind) ? structuredClone(found) : undefined;
    },
    async list<K extends RecordKind>(kind: K, rigId?: RigId) {
      const found = [...records.values()].filter((r) => isKind(r, kind)).filter((r) => rigId === undefined || rigOf(r) === rigId);
      return structuredClone(found);
    },
    async records(rigIds) {
      const wanted = (rig: string | null): boolean => rigIds === null || rig === null || rigIds.includes(rig);
      return structuredClone([...records.values()].filter((r) => wanted(rigOf(r))));
    },
    async summaries() {
      return [...grouped([...records.values()], rigOf).values()].flatMap((own) => summarise(own) ?? []);
    },
    async commit(commit, tell) {
      if (!open) return { ok: false, reason: "closed" };
      const done = resolved(commit.changes, (kind, id) => records.get(key(kind, id)) ?? null);
      if (movesRig(done)) return { ok: false, reason: "moved" };
      const result = apply(done.map((c) => ({ kind: c.kind, id: c.id, to: c.after })));
      if (!result.ok) return result;
      if (commit.silent !== true) remember(commit, done);
      tell?.(1);
      changed();
      return result;
    },
    undo: () => step("undo"),
    redo: () => step("redo"),
    async history() {
      return historyOf(steps);
    },
    async blobs(id) {
      return pictures.get(id)?.slice();
    },
    async keepBlob(id, bytes) {
      if (!open) return { ok: false, reason: "closed" };
      pictures.set(id, bytes.slice());
      return { ok: true };
    },
    async shared(rigIds) {
      return structuredClone(new Map([...shares].filter(([id]) => rigIds.includes(id))));
    },
    async keepShared(shared) {
      if (!open) return { ok: false, reason: "closed" };
      for (const [rigId, states] of shared) shares.set(rigId, structuredClone(states));
      return { ok: true };
    },
    subscribe(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    onLost: () => () => undefined,
    close() {
      open = false;
    },
  };
}
