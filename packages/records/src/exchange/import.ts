import { ok, type Result } from "@amp-saver/core/quantity";
import { type AnyRecord, RECORD_KINDS, type RecordKind, recordKey } from "../record.ts";
import type { Merge, MergeSide } from "./merge.ts";
import { type PreviewRow, previewImport } from "./preview.ts";
import type { ArchiveFailure, Blobs } from "./rig-archive.ts";
import { isArchive, type RigFile, readRigFile, type Tell } from "./rig-file.ts";
import { commonState, mergeIncoming, NOTHING_SHARED, type SharedStates } from "./sharing.ts";

/** What a file holds, unpacked and checked. */
export interface ReadIn extends RigFile {
  readonly blobs: Blobs;
}

/** What a file would do. */
export interface Offer extends ReadIn {
  readonly rows: readonly PreviewRow[];
  readonly merge: Merge;
  /** Records that would be let go. */
  readonly gone: readonly AnyRecord[];
}

/** Reads a file, text or archive. */
export async function readIn(bytes: Uint8Array, tell?: Tell): Promise<Result<ReadIn, ArchiveFailure>> {
  if (isArchive(bytes)) {
    const { readRigArchive } = await import("./rig-archive.ts");
    return readRigArchive(bytes, tell);
  }
  const read = readRigFile(new TextDecoder().decode(bytes), tell);
  return read.ok ? ok({ ...read.value, blobs: new Map() }) : read;
}

/** Sets what was read beside what is kept of the same rigs. Nothing is changed. */
export function offerImport(read: ReadIn, kept: readonly AnyRecord[], states: ReadonlyMap<string, SharedStates>): Offer {
  const { records, shared } = read;
  const merge = mergeIncoming(kept, records, (id) => commonState(states.get(id) ?? NOTHING_SHARED, shared[id]));
  const before = new Map(kept.map((r) => [recordKey(r), r]));
  const rows = previewImport([...merge.records.values()], before);
  return { ...read, merge, rows, gone: merge.removed.flatMap((key) => before.get(key) ?? []) };
}

/** A record by its kind and, where it has one, its name. */
interface Called {
  readonly kind: RecordKind;
  readonly name: string | null;
}

/** What a person must know of an offer, small enough to hand from a worker to the page. */
export interface OfferView {
  /** By kind and change, in the order of kinds, none left out that is there. */
  readonly counts: readonly { readonly kind: RecordKind; readonly change: PreviewRow["change"]; readonly count: number }[];
  /** The first of the changed, with their fields. */
  readonly changed: readonly (Called & { readonly fields: readonly string[] })[];
  readonly gone: readonly Called[];
  readonly conflicts: readonly (Called & {
    readonly group: readonly string[] | null;
    readonly mine: string | null;
    readonly theirs: string | null;
    readonly later: MergeSide;
  })[];
  readonly nothing: boolean;
}

const FIRST_CHANGED = 20;
const SHOWN = 60;

const called = (record: AnyRecord): Called => ({
  kind: record.kind,
  name: "name" in record ? record.name : "title" in record ? record.title : null,
});

/** A value in a few letters, so that two can be told apart; null for nothing. */
function short(value: unknown): string | null {
  if (value === undefined || value === null) return null;
  if (typeof value === "object" && "value" in value) return short(value.value);
  const text = typeof value === "string" ? value : JSON.stringify(value);
  return text.length > SHOWN ? `${text.slice(0, SHOWN)}…` : text;
}

/** Sums an offer up. */
export function offerView({ rows, gone, merge: { conflicts } }: Pick<Offer, "rows" | "gone" | "merge">): OfferView {
  const tally = new Map<string, number>();
  for (const { record, change } of rows) tally.set(`${record.kind} ${change}`, (tally.get(`${record.kind} ${change}`) ?? 0) + 1);
  const counts = RECORD_KINDS.flatMap((kind) =>
    (["new", "changed", "same"] as const).flatMap((change) => {
      const count = tally.get(`${kind} ${change}`);
      return count === undefined ? [] : [{ kind, change, count }];
    }),
  );
  return {
    counts,
    changed: rows
      .filter((r) => r.change === "changed")
      .slice(0, FIRST_CHANGED)
      .map(({ record, fields }) => ({ ...called(record), fields })),
    gone: gone.map(called),
    conflicts: conflicts.map(({ record, group, mine, theirs, later }) => ({
      ...called(record),
      group,
      mine: short(mine),
      theirs: short(theirs),
      later,
    })),
    nothing: counts.every((c) => c.change === "same") && gone.length === 0 && conflicts.length === 0,
  };
}

/** Letters of an id that tell one file from another without a name. */
const ID_LETTERS = 5;

/** How a file of a rig or a unit is called: by its name only where that is wanted, since files are sent on. */
export function fileStem(named: boolean, kind: "rig" | "unit", id: string, name: string): string {
  return named ? rigSlug(name) : `${kind}-${rigSlug(id).slice(-ID_LETTERS)}`;
}

/** A name as a file may bear it. */
export function rigSlug(name: string): string {
  return (
    name
      .normalize("NFKD")
      .toLowerCase()
      .replaceAll(/[^a-z0-9]+/g, "-")
      .replaceAll(/^-|-$/g, "") || "rig"
  );
}
