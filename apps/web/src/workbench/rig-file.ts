import {
  type AnyRecord,
  type PreviewRow,
  previewImport,
  RECORD_KINDS,
  type RecordKind,
  type RigFileFailure,
  readRigFile,
  recordKey,
  writeRigFile,
} from "@amp-saver/records";

/** Version of core that answers are made with; written into files. */
export const CORE_VERSION = "0.1.0";

/** What a file would do, or why it was refused. */
export type Offer =
  | { readonly ok: true; readonly records: readonly AnyRecord[]; readonly rows: readonly PreviewRow[] }
  | { readonly ok: false; readonly reason: RigFileFailure; readonly where: string };

/** Reads a file's text and sets it beside what is kept. Nothing is changed. */
export function offerImport(text: string, kept: readonly AnyRecord[]): Offer {
  const read = readRigFile(text);
  if (!read.ok) return read;
  return { ok: true, records: read.value, rows: previewImport(read.value, new Map(kept.map((r) => [recordKey(r), r]))) };
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

/** Text and name of a file with these records. */
export function rigFile(records: readonly AnyRecord[], name: string, now: string): { readonly name: string; readonly text: string } {
  const slug =
    name
      .normalize("NFKD")
      .toLowerCase()
      .replaceAll(/[^a-z0-9]+/g, "-")
      .replaceAll(/^-|-$/g, "") || "rig";
  return { name: `${slug}.ampsaver.json`, text: writeRigFile(records, now, CORE_VERSION) };
}
