import { ok, type Result } from "@amp-saver/core/quantity";
import {
  type AnyRecord,
  type Merge,
  type PreviewRow,
  previewImport,
  RECORD_KINDS,
  type RecordKind,
  readRigFile,
  recordKey,
  type Sharing,
  sharingOf,
  writeRigFile,
} from "@amp-saver/records";
import type { ArchiveFailure, Pixels } from "@amp-saver/records/archive";
import { CORE_VERSION } from "./core-version.ts";
import { commonState, mergeIncoming, type Travels } from "./sharing.ts";

/** What a file would do, or why it was refused. */
export type Offer =
  | {
      readonly ok: true;
      /** What came in, as it came. */
      readonly records: readonly AnyRecord[];
      readonly rows: readonly PreviewRow[];
      readonly pixels: Pixels;
      readonly merge: Merge;
      /** Records that would be let go. */
      readonly gone: readonly AnyRecord[];
      readonly shared: Readonly<Record<string, Sharing>>;
    }
  | { readonly ok: false; readonly reason: ArchiveFailure; readonly where: string };

/** Reads a file, text or archive, and sets it beside what is kept. Nothing is changed. */
export async function offerImport(
  bytes: Uint8Array,
  kept: readonly AnyRecord[],
  travelsOf: (rigId: string) => Promise<Travels> = () => Promise.resolve({ states: [], seen: [] }),
): Promise<Offer> {
  const archive = ZIP_STARTS.every((byte, at) => bytes[at] === byte);
  const read = archive ? await readArchive(bytes) : readText(bytes);
  if (!read.ok) return read;
  const { records, pixels, shared } = read.value;
  const common = new Map<string, readonly AnyRecord[] | null>();
  for (const { kind, id } of records) if (kind === "rig") common.set(id, commonState(await travelsOf(id), shared[id]));
  const merge = mergeIncoming(kept, records, (id) => common.get(id) ?? null);
  const before = new Map(kept.map((r) => [recordKey(r), r]));
  const rows = previewImport([...merge.records.values()], before);
  return { ok: true, records, pixels, shared, merge, rows, gone: merge.removed.flatMap((key) => before.get(key) ?? []) };
}

const ZIP_STARTS = [0x50, 0x4b] as const;

async function readArchive(bytes: Uint8Array) {
  const { readRigArchive } = await import("@amp-saver/records/archive");
  return readRigArchive(bytes);
}

type ReadIn = Result<
  { readonly records: readonly AnyRecord[]; readonly pixels: Pixels; readonly shared: Readonly<Record<string, Sharing>> },
  ArchiveFailure
>;

function readText(bytes: Uint8Array): ReadIn {
  const text = new TextDecoder().decode(bytes);
  const read = readRigFile(text);
  return read.ok ? ok({ records: read.value, pixels: new Map(), shared: sharingOf(text) }) : read;
}

/** Counts of an offer by kind and change, in the order of kinds, none left out that is there. */
export function countRows(
  rows: readonly PreviewRow[],
): readonly { readonly kind: RecordKind; readonly change: PreviewRow["change"]; readonly count: number }[] {
  return RECORD_KINDS.flatMap((kind) =>
    (["new", "changed", "same"] as const).flatMap((change) => {
      const count = rows.filter((r) => r.record.kind === kind && r.change === change).length;
      return count === 0 ? [] : [{ kind, change, count }];
    }),
  );
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

/** Text and name of a file with these records. */
export function rigFile(
  records: readonly AnyRecord[],
  name: string,
  now: string,
  shared: Readonly<Record<string, Sharing>> | null,
): { readonly name: string; readonly text: string } {
  return { name: `${rigSlug(name)}.ampsaver.json`, text: writeRigFile(records, now, CORE_VERSION, shared) };
}
