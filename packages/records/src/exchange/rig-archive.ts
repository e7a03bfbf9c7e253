import { fail, ok, present, type Result } from "@amp-saver/core/quantity";
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from "fflate";
import type { Blob } from "../define.ts";
import { type AnyRecord, blobOf, RECORD_KINDS } from "../record.ts";
import { RIG_FILE_MOST, type RigFile, type RigFileFailure, readRigFile, rigFileParts, type Sharing, type Tell } from "./rig-file.ts";
import { crc32, zipDirectory } from "./zip-check.ts";

/** Pixels of photos, sounds of notes and samples of waveforms by id. */
export type Blobs = ReadonlyMap<string, Uint8Array>;
/** Why an archive was refused. */
export type ArchiveFailure = RigFileFailure | "not-a-zip" | "damaged" | "no-rig-file" | "picture-too-large" | Blob<AnyRecord>["refusal"];

const RIGS = "rigs.ampsaver.json";
/** Most that an archive may unfold to, bytes. */
const MOST_BYTES = 500_000_000;

/** Kinds of record whose bytes lie beside them, each in a folder of its own. */
const FOLDERS = RECORD_KINDS.flatMap((kind) => {
  const blob = blobOf(kind);
  return blob === null ? [] : [{ kind, ...blob, name: (at: number): string => `${blob.folder}/${at + 1}.${blob.ending}` }];
});

/**
 * Writes records with the bytes of their photos, sounds and waveforms as one zip archive, in parts that follow each
 * other: only one picture at a time is in memory. Pictures are stored as they are. `pixelsOf` gives the bytes under an
 * id, or undefined where there are none.
 */
export async function* rigArchiveParts(
  records: readonly AnyRecord[],
  pixelsOf: (id: string) => Uint8Array | undefined | Promise<Uint8Array | undefined>,
  exportedAt: string,
  coreVersion: string,
  shared: Readonly<Record<string, Sharing>> | null = null,
): AsyncGenerator<Uint8Array> {
  let ready: Uint8Array[] = [];
  const zip = new Zip((error, part) => {
    if (error !== null) throw error;
    ready.push(part);
  });
  const taken = function* (): Generator<Uint8Array> {
    yield* ready;
    ready = [];
  };
  const text = new ZipDeflate(RIGS);
  text.mtime = exportedAt;
  zip.add(text);
  for (const part of rigFileParts(records, exportedAt, coreVersion, shared)) {
    text.push(strToU8(part));
    yield* taken();
  }
  text.push(new Uint8Array(), true);
  for (const { kind, name } of FOLDERS)
    for (const [k, { id }] of records.filter((r) => r.kind === kind).entries()) {
      const bytes = await pixelsOf(id);
      if (bytes === undefined) continue;
      const file = new ZipPassThrough(name(k));
      file.mtime = exportedAt;
      zip.add(file);
      file.push(bytes, true);
      yield* taken();
    }
  zip.end();
  yield* taken();
}

/** The same in one piece, for those who have all pictures at hand. */
export async function writeRigArchive(
  records: readonly AnyRecord[],
  blobs: Blobs,
  exportedAt: string,
  coreVersion: string,
  shared: Readonly<Record<string, Sharing>> | null = null,
): Promise<Uint8Array> {
  const parts: Uint8Array[] = [];
  for await (const part of rigArchiveParts(records, (id) => blobs.get(id), exportedAt, coreVersion, shared)) parts.push(part);
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

/** Reads an archive: its rig file as any other, its files by the records they belong to; a record without one is kept without. */
export function readRigArchive(bytes: Uint8Array, tell?: Tell): Result<RigFile & { readonly blobs: Blobs }, ArchiveFailure> {
  const files = unfold(bytes);
  if (!files.ok) return files;
  const text = files.value[RIGS];
  if (text === undefined) return fail("no-rig-file", RIGS);
  const read = readRigFile(strFromU8(text), tell);
  if (!read.ok) return read;
  const blobs = new Map<string, Uint8Array>();
  for (const { kind, name, isOne, bytesOf, refusal } of FOLDERS)
    for (const [k, record] of read.value.records.filter((r) => r.kind === kind).entries()) {
      const file = files.value[name(k)];
      if (file === undefined) continue;
      if (!isOne(record, file)) return fail(refusal, name(k));
      if (file.length !== bytesOf(record)) return fail("damaged", name(k));
      blobs.set(record.id, file);
    }
  return ok({ ...read.value, blobs });
}

/** Files of an archive that are ours, each of the size and the checksum that its directory says. */
function unfold(bytes: Uint8Array): Result<Readonly<Record<string, Uint8Array>>, ArchiveFailure> {
  const directory = zipDirectory(bytes);
  if (directory === null) return fail("not-a-zip", "file");
  const most = (name: string): number | null =>
    name === RIGS ? 4 * RIG_FILE_MOST : (FOLDERS.find((f) => name.startsWith(`${f.folder}/`))?.mostBytes ?? null);
  const wanted = directory.filter(({ name }) => most(name) !== null);
  if (new Set(wanted.map((e) => e.name)).size !== wanted.length) return fail("not-a-zip", "file");
  const tooLarge = wanted.find((e) => e.bytes > present(most(e.name)));
  const total = wanted.reduce((sum, e) => sum + e.bytes, 0);
  if (tooLarge !== undefined || total > MOST_BYTES) {
    const name = tooLarge?.name ?? RIGS;
    return fail(name === RIGS ? "too-large" : "picture-too-large", name);
  }
  const names = new Set(wanted.map((e) => e.name));
  let files: Readonly<Record<string, Uint8Array>>;
  try {
    files = unzipSync(bytes, { filter: ({ name }) => names.has(name) });
  } catch {
    return fail("not-a-zip", "file");
  }
  const damaged = wanted.find(({ name, crc, bytes: size }) => files[name]?.length !== size || crc32(files[name]) !== crc);
  return damaged === undefined ? ok(files) : fail("damaged", damaged.name);
}
