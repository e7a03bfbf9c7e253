import { type AnyRecord, hasBlob, type RecordKind, recordKey, rigOf } from "@amp-saver/records";
import { isPlain } from "./onto.ts";
import { type Absent, type Change, type Commit, type CommitLabel, type History, MERGE_WITHIN_MS, type Patch } from "./port.ts";

/** One change as it is done, with what was there before. */
export interface DoneChange {
  readonly kind: RecordKind;
  readonly id: string;
  readonly before: AnyRecord | null;
  readonly after: AnyRecord | null;
}

/** Whether a change would take a record from one rig to another, which nothing does. */
export function movesRig(done: readonly DoneChange[]): boolean {
  return done.some(({ before, after }) => before !== null && after !== null && rigOf(before) !== rigOf(after));
}

/** What the next press of undo or redo puts in place of one record: the step keeps only the side that is not there now. */
export interface JournalSide {
  readonly kind: RecordKind;
  readonly id: string;
  readonly to: AnyRecord | null;
}

/** One undoable step, without what it puts back. */
export interface Step {
  readonly seq: number;
  readonly label: CommitLabel;
  readonly mergeKey: string | null;
  readonly at: number;
  readonly undone: boolean;
  /** Records with bytes of their own among those it changed. */
  readonly files: readonly string[];
}

/** The step that undo would take back, given all in order. */
export function nextUndo(steps: readonly Step[]): Step | undefined {
  return steps.findLast((s) => !s.undone);
}

/** The step that redo would do again. */
export function nextRedo(steps: readonly Step[]): Step | undefined {
  return steps.find((s) => s.undone);
}

/** What the interface may offer. */
export function historyOf(steps: readonly Step[]): History {
  return { undo: nextUndo(steps)?.label ?? null, redo: nextRedo(steps)?.label ?? null };
}

/** Whether a commit continues the latest step: the same field, a moment later. */
export function continues(latest: Step | undefined, commit: Commit, now: number): latest is Step {
  return (
    latest !== undefined &&
    !latest.undone &&
    commit.mergeKey !== undefined &&
    latest.mergeKey === commit.mergeKey &&
    now - latest.at <= MERGE_WITHIN_MS
  );
}

/** Records with bytes of their own among those that a step changes. */
export function filesOf(changes: readonly { readonly kind: RecordKind; readonly id: string }[]): readonly string[] {
  return changes.filter((c) => hasBlob(c.kind)).map((c) => c.id);
}

/** A new step for a commit, but for its place. */
export function stepOf(commit: Commit, done: readonly DoneChange[], at: number): Omit<Step, "seq"> {
  return { label: commit.label, mergeKey: commit.mergeKey ?? null, at, undone: false, files: filesOf(done) };
}

/** What undo needs of a change. */
export const sideOf = ({ kind, id, before }: DoneChange): JournalSide => ({ kind, id, to: before });

/** Sides of changes that continue a step: what it already puts back stays. */
export function furtherSides(sides: readonly JournalSide[], done: readonly DoneChange[]): readonly JournalSide[] {
  const there = new Set(sides.map(recordKey));
  return done.filter((c) => !there.has(recordKey(c))).map(sideOf);
}

/** A commit's changes one after the other, each on what the one before left; several of one record as one. */
export function resolved(changes: Commit["changes"], beforeOf: (kind: RecordKind, id: string) => AnyRecord | null): readonly DoneChange[] {
  const done = new Map<string, DoneChange>();
  for (const change of changes) {
    const key = recordKey(change);
    const earlier = done.get(key);
    const next = resolve(change, earlier === undefined ? beforeOf(change.kind, change.id) : earlier.after);
    done.set(key, earlier === undefined ? next : { ...next, before: earlier.before });
  }
  return [...done.values()];
}

/** A change with what was there before; a patch of a record that is gone changes nothing. */
function resolve(change: Change | Patch | Absent, before: AnyRecord | null): DoneChange {
  const { kind, id } = change;
  if ("after" in change) return { kind, id, before, after: change.after };
  if ("absent" in change) return { kind, id, before, after: before ?? change.absent };
  if (before === null) return { kind, id, before, after: null };
  const patch = typeof change.patch === "function" ? change.patch(before) : change.patch;
  return { kind, id, before, after: merged(under({ ...before, ...patch }, change.fresh ?? {}), change.entries ?? {}) as AnyRecord };
}

/** What is there, with what is to begin laid under it where nothing is yet. */
function under(old: object, fresh: object): object {
  const kept: Readonly<Record<string, unknown>> = { ...old };
  const laid = Object.entries(fresh).map(([name, value]) => {
    const there = kept[name];
    return [name, isPlain(there) && isPlain(value) ? under(there, value) : (there ?? value)] as const;
  });
  return { ...kept, ...Object.fromEntries(laid) };
}

/** Entries laid into an object, and into the objects inside it; undefined clears one. */
function merged(old: object, change: object): object {
  const kept = Object.entries(old).filter(([, value]) => value !== undefined);
  const before: Readonly<Record<string, unknown>> = { ...old };
  const laid = Object.entries(change).map(([name, value]) => {
    const there = before[name];
    return [name, isPlain(there) && isPlain(value) ? merged(there, value) : value] as const;
  });
  return Object.fromEntries([...kept, ...laid].filter(([name, value]) => value !== undefined && !cleared(change, name)));
}

function cleared(change: object, name: string): boolean {
  return Object.entries(change).some(([field, value]) => field === name && value === undefined);
}
