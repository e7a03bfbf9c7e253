import type { AnyRecord, RecordKind } from "@amp-saver/records";
import { type Absent, type Change, type Commit, type CommitLabel, type History, MERGE_WITHIN_MS, type Patch } from "./port.ts";

/** One change as it was done, with what was there before. */
export interface DoneChange extends Change {
  readonly before: AnyRecord | null;
}

/** One undoable step. */
export interface JournalEntry {
  readonly label: CommitLabel;
  readonly changes: readonly DoneChange[];
  readonly mergeKey: string | null;
  readonly at: number;
  readonly undone: boolean;
}

/** An entry and its place in the journal. */
export interface Placed {
  readonly seq: number;
  readonly entry: JournalEntry;
}

/** The entry that undo would take back, given the journal in order. */
export function nextUndo<T extends { readonly entry: JournalEntry }>(journal: readonly T[]): T | undefined {
  return journal.findLast((p) => !p.entry.undone);
}

/** The entry that redo would do again. */
export function nextRedo<T extends { readonly entry: JournalEntry }>(journal: readonly T[]): T | undefined {
  return journal.find((p) => p.entry.undone);
}

/** What the interface may offer. */
export function historyOf(journal: readonly Placed[]): History {
  return { undo: nextUndo(journal)?.entry.label ?? null, redo: nextRedo(journal)?.entry.label ?? null };
}

/** Whether a commit continues the latest entry: the same field, a moment later. */
export function continues(latest: JournalEntry | undefined, commit: Commit, now: number): boolean {
  return (
    latest !== undefined &&
    !latest.undone &&
    commit.mergeKey !== undefined &&
    latest.mergeKey === commit.mergeKey &&
    now - latest.at <= MERGE_WITHIN_MS
  );
}

/** The latest entry with a commit folded in: first before, last after. */
export function fold(latest: JournalEntry, done: readonly DoneChange[], now: number): JournalEntry {
  const key = (c: { kind: RecordKind; id: string }): string => `${c.kind} ${c.id}`;
  const earlier = new Map(latest.changes.map((c) => [key(c), c]));
  for (const change of done) earlier.set(key(change), { ...change, before: earlier.get(key(change))?.before ?? change.before });
  return { ...latest, changes: [...earlier.values()], at: now };
}

/** A change with what was there before; a patch of a record that is gone changes nothing. */
export function resolve(change: Change | Patch | Absent, before: AnyRecord | null): DoneChange {
  const { kind, id } = change;
  if ("after" in change) return { kind, id, before, after: change.after };
  if ("absent" in change) return { kind, id, before, after: before ?? change.absent };
  if (before === null) return { kind, id, before, after: null };
  return { kind, id, before, after: merged(under({ ...before, ...change.patch }, change.fresh ?? {}), change.entries ?? {}) as AnyRecord };
}

/** What is there, with what is to begin laid under it where nothing is yet. */
function under(old: object, fresh: object): object {
  const kept = old as Record<string, unknown>;
  const laid = Object.entries(fresh).map(([name, value]) => {
    const there = kept[name];
    return [name, isPlain(there) && isPlain(value) ? under(there, value) : (there ?? value)] as const;
  });
  return { ...kept, ...Object.fromEntries(laid) };
}

/** Entries laid into an object, and into the objects inside it; undefined clears one. */
function merged(old: object, change: object): object {
  const kept = Object.entries(old).filter(([, value]) => value !== undefined);
  const laid = Object.entries(change).map(([name, value]) => {
    const there = (old as Record<string, unknown>)[name];
    return [name, isPlain(there) && isPlain(value) ? merged(there, value) : value] as const;
  });
  return Object.fromEntries([...kept, ...laid].filter(([name, value]) => value !== undefined && !cleared(change, name)));
}

function cleared(change: object, name: string): boolean {
  return name in change && (change as Record<string, unknown>)[name] === undefined;
}

function isPlain(value: unknown): value is object {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** Several changes of one record as one: what was there first, what is there last. */
export function collapsed(done: readonly DoneChange[]): readonly DoneChange[] {
  const byKey = new Map<string, DoneChange>();
  for (const change of done) {
    const key = `${change.kind} ${change.id}`;
    byKey.set(key, { ...change, before: byKey.has(key) ? byKey.get(key)!.before : change.before });
  }
  return [...byKey.values()];
}
