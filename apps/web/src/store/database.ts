import { type AnyRecord, grouped, type Step as Migration, type RecordKind, type RigSummary, recordKey, rigOf } from "@amp-saver/records";
import type { SharedStates } from "@amp-saver/records/exchange";
import { Dexie, type EntityTable } from "dexie";
import { filesOf, type JournalSide, type Step } from "./journal.ts";
import type { Turn } from "./pending.ts";

/**
 * A rig with everything of it in one row, found by any of its records; the catalogue lies under an
 * empty id. One row is read and written far faster than fifty, and text faster than objects.
 */
export interface RigRow {
  readonly id: string;
  /** Kind and id of each record. */
  readonly keys: readonly string[];
  /** Sum of the newest versions of all kinds when all of its records were at theirs; 0 where one was not. */
  readonly age: number;
  /** Its records as JSON. */
  readonly text: string;
  /** The latest saves of tabs that are in it, so that none is done twice; the latest tab last. */
  readonly done?: readonly Turn[];
}

/** Tabs whose latest save a row remembers. */
const MOST_TABS = 12;

/** What a row remembers of tabs' saves, with a further one. */
export function marked(done: readonly Turn[], turn: Turn | undefined): readonly Turn[] {
  return turn === undefined ? done : [...done.filter((d) => d.tab !== turn.tab), turn].slice(-MOST_TABS);
}

/** Where what belongs to no rig is kept. */
export const NO_RIG = "";

/** Newest version and migration steps by kind; the released ones unless a test brings its own. */
export type Versions = Readonly<Record<RecordKind, { readonly newest: number; readonly steps: Readonly<Record<number, Migration>> }>>;

/** The age of rows whose records are all at their newest version: no version is ever lowered, so that it only grows. */
export function ageOf(versions: Versions): number {
  return Object.values(versions).reduce((sum, { newest }) => sum + newest, 0);
}

/** A row of these records; null where there are none. */
export function rigRow(id: string, records: readonly AnyRecord[], versions: Versions): RigRow | null {
  if (records.length === 0) return null;
  const age = records.every((r) => r.schema >= versions[r.kind].newest) ? ageOf(versions) : 0;
  return { id, keys: records.map(recordKey), age, text: JSON.stringify(records) };
}

/** Records of a row. */
export const recordsOfRow = (row: RigRow): readonly AnyRecord[] => JSON.parse(row.text);

/** A record as databases up to the fifth kept it. */
interface OldRow {
  readonly record: AnyRecord;
}

/** The pixels of a photo, under its id, and when they were kept, ms; absent where an older version kept them. */
interface BlobRow {
  readonly id: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly at?: number;
}

/** What is remembered of a rig's travels, under its id. Since the sixth version its states lie as text, which is written far faster. */
interface ShareRow {
  readonly id: string;
  readonly seen: readonly string[];
  readonly states: readonly { readonly revision: string; readonly text?: string; readonly records?: readonly AnyRecord[] }[];
}

/** Travels as they are kept. */
export function shareRow(id: string, { seen, states }: SharedStates): ShareRow {
  return { id, seen, states: states.map(({ revision, records }) => ({ revision, text: JSON.stringify(records) })) };
}

/** Travels as they are kept, unpacked. */
export function sharedOf({ seen, states }: ShareRow): SharedStates {
  const of = (text: string | undefined): readonly AnyRecord[] | null => (text === undefined ? null : JSON.parse(text));
  return { seen, states: states.map(({ revision, text, records }) => ({ revision, records: of(text) ?? records ?? [] })) };
}

/** Some of what a step puts back, as JSON: a large one lies in several rows. */
interface SideRow {
  readonly at: number;
  readonly seq: number;
  readonly text: string;
}

/** Sides as they are kept. */
export const sideRow = (seq: number, sides: readonly JournalSide[]): Omit<SideRow, "at"> => ({ seq, text: JSON.stringify(sides) });

/** Sides of a row. */
export const sidesOfRow = ({ text }: SideRow): readonly JournalSide[] => JSON.parse(text);

/** Kinds of the first released database. */
const FIRST_KINDS = ["rig", "unit", "source", "job", "reading"] as const;
/** Kinds of the second. */
const SECOND_KINDS = [...FIRST_KINDS, "starter"] as const;
/** Kinds of the third. */
const THIRD_KINDS = [...SECOND_KINDS, "load"] as const;
/** Kinds of the fourth. */
const FOURTH_KINDS = [...THIRD_KINDS, "photo", "wiring", "work", "sound"] as const;
/** Kinds of the fifth. */
const FIFTH_KINDS = [...FOURTH_KINDS, "learning", "waveform", "proof"] as const;

/** A step as databases up to the fifth kept it: both sides of every change in one row. */
interface OldStep extends Omit<Step, "files"> {
  readonly changes: readonly {
    readonly kind: RecordKind;
    readonly id: string;
    readonly before: AnyRecord | null;
    readonly after: AnyRecord | null;
  }[];
}

/** The newest version of the database. */
export const LATEST_DATABASE = 6;

/** Tables of the browser's database, and how those of older versions are brought up to it. */
export class Database extends Dexie {
  readonly rigs!: EntityTable<RigRow, "id">;
  readonly steps!: EntityTable<Step, "seq">;
  readonly sides!: EntityTable<SideRow, "at">;
  readonly pixels!: EntityTable<BlobRow, "id">;
  readonly shares!: EntityTable<ShareRow, "id">;
  readonly summaries!: EntityTable<RigSummary, "id">;

  readonly versions: Versions;

  constructor(name: string, versions: Versions) {
    super(name);
    this.versions = versions;
    const tables = (kinds: readonly RecordKind[]) => Object.fromEntries(kinds.map((kind) => [kind, "id, rig"]));
    this.version(1).stores({ ...tables(FIRST_KINDS), journal: "++seq" });
    this.version(2).stores(tables(SECOND_KINDS));
    this.version(3).stores(tables(THIRD_KINDS));
    this.version(4).stores({ ...tables(FOURTH_KINDS), pixels: "id" });
    this.version(5).stores({ ...tables(FIFTH_KINDS), shares: "id" });
    this.version(LATEST_DATABASE)
      .stores({
        ...Object.fromEntries(FIFTH_KINDS.map((kind) => [kind, null])),
        journal: null,
        rigs: "id, *keys, age",
        steps: "++seq",
        sides: "++at, seq",
        summaries: "id, shape",
      })
      .upgrade(async (tx) => {
        const records: AnyRecord[] = [];
        for (const kind of FIFTH_KINDS) records.push(...(await tx.table<OldRow>(kind).toArray()).map((row) => row.record));
        const rows = [...grouped(records, (r) => rigOf(r) ?? NO_RIG)].map(([id, own]) => rigRow(id, own, versions));
        await tx.table("rigs").bulkPut(rows.filter((row) => row !== null));
        for (const { changes, ...step } of await tx.table<OldStep>("journal").toArray()) {
          await tx.table("steps").add({ ...step, files: filesOf(changes) });
          const sides = changes.map(({ kind, id, before, after }) => ({ kind, id, to: step.undone ? after : before }));
          await tx.table("sides").add(sideRow(step.seq, sides));
        }
      });
  }
}
