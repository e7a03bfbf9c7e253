import { canonical, present } from "@amp-saver/core/quantity";
import { DEFINITIONS } from "../kind/index.ts";
import { type AnyRecord, recordKey } from "../record.ts";

type Fields = Readonly<Record<string, unknown>>;

/** A group of fields that both sides changed since they last shared, or that both have and no shared state tells apart. */
interface Conflict {
  readonly key: string;
  readonly record: AnyRecord;
  /** Field, or field and entry; null where one side deleted what the other changed. */
  readonly group: readonly string[] | null;
  readonly mine: unknown;
  readonly theirs: unknown;
  /** Whose record was changed later. */
  readonly later: "mine" | "theirs";
}

export type MergeSide = "mine" | "theirs";

/** What a merge would leave: records to keep, records to let go, and what only a person can decide. */
export interface Merge {
  readonly records: ReadonlyMap<string, AnyRecord>;
  readonly removed: readonly string[];
  readonly conflicts: readonly Conflict[];
}

/** Fields that say when, not what. */
const STAMPS: readonly string[] = ["updatedAt", "createdAt"];

/**
 * The fields of one measuring, under one name: it comes from one side whole, so that what one phone measured never
 * completes the other's proof of dead.
 */
const TOGETHER = "evidence";

/**
 * Merges the same rig from two devices, group of fields by group of fields, against what both last
 * shared; without that, every group that differs is for a person to decide. What is not decided
 * stays as it is here. Nothing is dropped: each group of the result is one of the three that came in.
 */
export function mergeRigs(base: readonly AnyRecord[] | null, mine: readonly AnyRecord[], theirs: readonly AnyRecord[]): Merge {
  const was = base === null ? null : byKey(base);
  const here = byKey(mine);
  const there = byKey(theirs);
  const records = new Map<string, AnyRecord>();
  const removed: string[] = [];
  const conflicts: Conflict[] = [];
  for (const key of new Set([...here.keys(), ...there.keys()])) {
    const [a, b, old] = [here.get(key), there.get(key), was?.get(key)];
    if (a !== undefined && b !== undefined) {
      const merged = mergeRecord(key, was === null ? undefined : (old ?? null), a, b);
      records.set(key, merged.record);
      conflicts.push(...merged.conflicts);
    } else if (a !== undefined) {
      if (old === undefined) records.set(key, a);
      else if (same(old, a)) removed.push(key);
      else {
        records.set(key, a);
        conflicts.push({ key, record: a, group: null, mine: a, theirs: undefined, later: "mine" });
      }
    } else if (b !== undefined) {
      if (old === undefined) records.set(key, b);
      else if (same(old, b)) removed.push(key);
      else {
        removed.push(key);
        conflicts.push({ key, record: b, group: null, mine: undefined, theirs: b, later: "theirs" });
      }
    }
  }
  return { records, removed, conflicts };
}

/** The merge with each conflict decided: by its place in the list, this side or the other. */
export function decide(merge: Merge, sides: ReadonlyMap<number, MergeSide>): Pick<Merge, "records" | "removed"> {
  const records = new Map(merge.records);
  const removed = new Set(merge.removed);
  for (const [k, { key, record, group, mine, theirs }] of merge.conflicts.entries()) {
    const side = sides.get(k) ?? "mine";
    const value = side === "mine" ? mine : theirs;
    if (group === null) {
      if (value === undefined) {
        records.delete(key);
        removed.add(key);
      } else {
        records.set(key, record);
        removed.delete(key);
      }
    } else records.set(key, withGroup(records.get(key) ?? record, group, value));
  }
  return { records, removed: [...removed] };
}

function byKey(records: readonly AnyRecord[]): Map<string, AnyRecord> {
  return new Map(records.map((r) => [recordKey(r), r]));
}

/** `old` undefined: nothing is known of what was shared; null: shared without this record, so both made it. */
function mergeRecord(
  key: string,
  old: AnyRecord | null | undefined,
  a: AnyRecord,
  b: AnyRecord,
): { readonly record: AnyRecord; readonly conflicts: readonly Conflict[] } {
  const later: MergeSide = b.updatedAt > a.updatedAt ? "theirs" : "mine";
  const conflicts: Conflict[] = [];
  let record = a;
  for (const group of groupsOf(a, b)) {
    const [mine, theirs] = [at(a, group), at(b, group)];
    if (canonical(mine) === canonical(theirs)) continue;
    const before = old == null ? undefined : at(old, group);
    const untold = old == null;
    if (!untold && canonical(mine) === canonical(before)) record = withGroup(record, group, theirs);
    else if (untold ? isEntry(group) && mine === undefined : false) record = withGroup(record, group, theirs);
    else if (untold && isEntry(group) && theirs === undefined) continue;
    else if (untold || canonical(theirs) !== canonical(before)) conflicts.push({ key, record: a, group, mine, theirs, later });
  }
  const updatedAt = later === "theirs" ? b.updatedAt : a.updatedAt;
  return { record: { ...record, updatedAt }, conflicts };
}

const isEntry = (group: readonly string[]): boolean => group.length === 2;

/** Groups of fields in which two copies of a record are compared: a field, an entry of one, or what belongs together. */
export function groupsOf(a: AnyRecord, b: AnyRecord): readonly (readonly string[])[] {
  const { entries, together, own } = DEFINITIONS[a.kind].merge;
  const apart = new Set([...STAMPS, ...Object.keys(own), ...together]);
  const alone = [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((name) => !apart.has(name));
  return [...alone, ...(together.length === 0 ? [] : [TOGETHER])].flatMap((name): readonly (readonly string[])[] => {
    const maps = [a, b].map((r) => fieldsOf(r)[name]).filter(isMap);
    if (!entries.includes(name) || maps.length === 0) return [[name]];
    return [...new Set(maps.flatMap((m) => Object.keys(m)))].map((entry) => [name, entry]);
  });
}

const fieldsOf = (record: AnyRecord): Fields => ({ ...record });

/** The fields that one group of this name stands for; none where it is a field itself. */
const membersOf = (record: AnyRecord, name: string | undefined): readonly string[] =>
  name === TOGETHER ? DEFINITIONS[record.kind].merge.together : [];

function isMap(value: unknown): value is Fields {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** What a record holds in a group; undefined for nothing. */
export function at(record: AnyRecord, [name, entry]: readonly string[]): unknown {
  const [fields, members] = [fieldsOf(record), membersOf(record, name)];
  if (members.length > 0) return Object.fromEntries(members.map((field) => [field, fields[field]]));
  const value = fields[present(name)];
  if (entry === undefined) return value;
  return isMap(value) ? value[entry] : undefined;
}

/** A record with other content in a group. */
export function withGroup(record: AnyRecord, [name, entry]: readonly string[], value: unknown): AnyRecord {
  const [fields, members] = [fieldsOf(record), membersOf(record, name)];
  if (members.length > 0)
    return members.reduce<AnyRecord>((into, field) => withGroup(into, [field], isMap(value) ? value[field] : undefined), record);
  const put = (into: Fields, key: string, what: unknown): Fields => {
    const { [key]: _gone, ...rest } = into;
    return what === undefined ? rest : { ...rest, [key]: what };
  };
  const map = fields[present(name)];
  const changed = entry === undefined ? value : put(isMap(map) ? map : {}, entry, value);
  // Each group holds what one side's record of this kind held there.
  return put(fields, present(name), changed) as AnyRecord;
}

function same(a: AnyRecord, b: AnyRecord): boolean {
  return groupsOf(a, b).every((group) => canonical(at(a, group)) === canonical(at(b, group)));
}
