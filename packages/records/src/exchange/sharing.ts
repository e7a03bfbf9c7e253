import { type AnyRecord, recordKey, references, rigOf } from "../record.ts";
import { grouped } from "../summary.ts";
import { decide, type Merge, type MergeSide, mergeRigs } from "./merge.ts";
import { MOST_SEEN, type Sharing } from "./rig-file.ts";

/** One state of a rig as it went to or came from another device. */
interface State {
  readonly revision: string;
  readonly records: readonly AnyRecord[];
}

/** What is remembered of a rig's travels. */
export interface SharedStates {
  readonly states: readonly State[];
  readonly seen: readonly string[];
}

/** The travels of a rig that never left. */
export const NOTHING_SHARED: SharedStates = { states: [], seen: [] };

/** States kept of a rig: enough for devices that take turns, and for one that was away for a while. */
const MOST_STATES = 5;

/** A rig's travels with one state more: sent out, or taken in with all it had seen. */
export function withState(states: SharedStates, state: State, seen: readonly string[] = []): SharedStates {
  return {
    states: [...states.states.filter((s) => s.revision !== state.revision), state].slice(-MOST_STATES),
    seen: [...new Set([...states.seen, ...seen, state.revision])].slice(-MOST_SEEN),
  };
}

/** What a file says of a rig that goes out in this state. */
export function sharingFor(states: SharedStates, revision: string): Sharing {
  return { revision, seen: [...states.seen].slice(-MOST_SEEN) };
}

/** The latest state that this device kept and the other has seen; null where there is none. */
export function commonState(states: SharedStates, theirs: Sharing | undefined): readonly AnyRecord[] | null {
  if (theirs === undefined) return null;
  const seen = new Set([...theirs.seen, theirs.revision]);
  return states.states.findLast((s) => seen.has(s.revision))?.records ?? null;
}

/** Merges what came in with what is kept, rig by rig; a rig that is not kept comes in whole, also one that was deleted here. */
export function mergeIncoming(
  kept: readonly AnyRecord[],
  incoming: readonly AnyRecord[],
  commonOf: (rigId: string) => readonly AnyRecord[] | null,
): Merge {
  const records = new Map<string, AnyRecord>();
  const removed: string[] = [];
  const conflicts: Merge["conflicts"][number][] = [];
  const part = (base: readonly AnyRecord[] | null, mine: readonly AnyRecord[], theirs: readonly AnyRecord[]): void => {
    if (mine.length === 0) {
      for (const record of theirs) records.set(recordKey(record), record);
      return;
    }
    const merge = mergeRigs(base, mine, theirs);
    for (const [key, record] of merge.records) records.set(key, record);
    removed.push(...merge.removed);
    conflicts.push(...merge.conflicts);
  };
  const [here, there] = [grouped(kept, rigOf), grouped(incoming, rigOf)];
  const keys = new Set(kept.map(recordKey));
  const catalogue: AnyRecord[] = [];
  for (const rig of incoming.filter((r) => r.kind === "rig")) {
    const common = commonOf(rig.id);
    catalogue.push(...(common ?? []).filter((r) => rigOf(r) === null && keys.has(recordKey(r))));
    const mine = here.get(rig.id) ?? [];
    part(common?.filter((r) => rigOf(r) === rig.id) ?? null, mine, there.get(rig.id) ?? []);
  }
  const named = new Set((there.get(null) ?? []).map(recordKey));
  const shown = (all: readonly AnyRecord[] | undefined): readonly AnyRecord[] => (all ?? []).filter((r) => named.has(recordKey(r)));
  part(catalogue.length === 0 ? null : shown(catalogue), shown(here.get(null)), shown(there.get(null)));
  return { records, removed, conflicts };
}

/** What a decided merge changes of what is kept: records to put in place, and records to let go. What another one needs stays. */
export function changesOf(
  merge: Merge,
  sides: ReadonlyMap<number, MergeSide>,
  kept: readonly AnyRecord[],
): { readonly put: readonly AnyRecord[]; readonly away: readonly AnyRecord[] } {
  const decided = decide(merge, sides);
  const before = new Map(kept.map((r) => [recordKey(r), r]));
  const put = [...decided.records.values()].filter((r) => {
    const old = before.get(recordKey(r));
    return old === undefined || JSON.stringify(old) !== JSON.stringify(r);
  });
  const wanted = new Set(decided.removed.length === 0 ? [] : [...decided.records.values()].flatMap(references));
  const away = decided.removed.flatMap((key) => (wanted.has(key) ? [] : (before.get(key) ?? [])));
  return { put, away };
}
