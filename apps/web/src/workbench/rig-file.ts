import { ok, type Result } from "@amp-saver/core/quantity";
import {
  type AnyRecord,
  type PreviewRow,
  previewImport,
  RECORD_KINDS,
  type RecordKind,
  readRigFile,
  recordKey,
  writeRigFile,
} from "@amp-saver/records";
import type { ArchiveFailure, Pixels } from "@amp-saver/records/archive";
import { CORE_VERSION } from "./core-version.ts";

/** What a file would do, or why it was refused. */
export type Offer =
  | { readonly ok: true; readonly records: readonly AnyRecord[]; readonly rows: readonly PreviewRow[]; readonly pixels: Pixels }
  | { readonly ok: false; readonly reason: ArchiveFailure; readonly where: string };

/** Reads a file, text or archive, and sets it beside what is kept. Nothing is changed. */
export async function offerImport(bytes: Uint8Array, kept: readonly AnyRecord[]): Promise<Offer> {
  const archive = ZIP_STARTS.every((byte, at) => bytes[at] === byte);
  const read = archive ? await readArchive(bytes) : readText(bytes);
  if (!read.ok) return read;
  const { records, pixels } = read.value;
  return { ok: true, records, pixels, rows: previewImport(records, new Map(kept.map((r) => [recordKey(r), r]))) };
}

const ZIP_STARTS = [0x50, 0x4b] as const;

async function readArchive(bytes: Uint8Array) {
  const { readRigArchive } = await import("@amp-saver/records/archive");
  return readRigArchive(bytes);
}

function readText(bytes: Uint8Array): Result<{ readonly records: readonly AnyRecord[]; readonly pixels: Pixels }, ArchiveFailure> {
  const read = readRigFile(new TextDecoder().decode(bytes));
  return read.ok ? ok({ records: read.value, pixels: new Map() }) : read;
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
export function rigFile(records: readonly AnyRecord[], name: string, now: string): { readonly name: string; readonly text: string } {
  return { name: `${rigSlug(name)}.ampsaver.json`, text: writeRigFile(records, now, CORE_VERSION) };
}
