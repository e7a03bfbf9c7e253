import { type AnyRecord, RECORD_KINDS, type RecordKind, type RigSummary } from "@amp-saver/records";
import { Dexie, type EntityTable } from "dexie";
import type { Side, Step } from "./journal.ts";
import type { SharedRig } from "./port.ts";

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

/** Some of what a step puts back: a large one lies in several rows. */
interface SideRow {
  readonly at: number;
  readonly seq: number;
  readonly sides: readonly Side[];
}

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

/** Tables of the browser's database, and how those of older versions are brought up to it. */
export class Database extends Dexie {
  readonly steps!: EntityTable<Step, "seq">;
  readonly sides!: EntityTable<SideRow, "at">;
  readonly pixels!: EntityTable<PixelRow, "id">;
  readonly shares!: EntityTable<ShareRow, "id">;
  readonly summaries!: EntityTable<RigSummary, "id">;

  constructor(name: string) {
    super(name);
    const tables = (kinds: readonly RecordKind[], indexes = "id, rig") => Object.fromEntries(kinds.map((kind) => [kind, indexes]));
    this.version(1).stores({ ...tables(FIRST_KINDS), journal: "++seq" });
    this.version(2).stores(tables(SECOND_KINDS));
    this.version(3).stores(tables(THIRD_KINDS));
    this.version(4).stores({ ...tables(FOURTH_KINDS), pixels: "id" });
    this.version(5).stores({ ...tables(FIFTH_KINDS), shares: "id" });
    this.version(6)
      .stores({
        ...tables(RECORD_KINDS, "id, rig, record.schema"),
        journal: null,
        steps: "++seq",
        sides: "++at, seq",
        summaries: "id, shape",
      })
      .upgrade(async (tx) => {
        await tx.table<OldStep>("journal").each(({ changes, ...step }) => {
          const files = changes.filter((c) => c.kind === "photo" || c.kind === "sound" || c.kind === "waveform").map((c) => c.id);
          const sides = changes.map(({ kind, id, before, after }) => ({ kind, id, to: step.undone ? after : before }));
          void tx.table("steps").add({ ...step, files });
          void tx.table("sides").add({ seq: step.seq, sides });
        });
      });
  }

  rows(kind: RecordKind): EntityTable<Row, "id"> {
    return this.table(kind);
  }
}
