import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { strFromU8, strToU8, type UnzipFileInfo, unzipSync, zipSync } from "fflate";
import { PHOTO_MOST_BYTES } from "./photo.ts";
import type { AnyRecord } from "./record.ts";
import { RIG_FILE_MOST, type RigFile, type RigFileFailure, readRigFile, type Sharing, type Tell, writeRigFile } from "./rig-file.ts";
import { SOUND_MOST_BYTES } from "./sound.ts";
import { MOST_SAMPLES } from "./wave/log.ts";
import { bytesOf } from "./waveform.ts";

/** Pixels of photos, sounds of notes and samples of waveforms by id. */
export type Pixels = ReadonlyMap<string, Uint8Array>;
/** Why an archive was refused. */
export type ArchiveFailure =
  | RigFileFailure
  | "not-a-zip"
  | "no-rig-file"
  | "picture-too-large"
  | "not-a-picture"
  | "not-a-sound"
  | "not-a-waveform";

const RIGS = "rigs.ampsaver.json";
/** Most that an archive may unfold to, bytes. */
const MOST_BYTES = 500_000_000;

/** Kinds of record whose bytes lie in a folder of their own: ids can hold letters that file names cannot. */
const FOLDERS = [
  {
    kind: "photo",
    name: (at: number): string => `photos/${at + 1}.jpg`,
    most: PHOTO_MOST_BYTES,
    starts: [{ at: 0, bytes: [0xff, 0xd8, 0xff] }],
    refusal: "not-a-picture",
  },
  {
    kind: "sound",
    name: (at: number): string => `sounds/${at + 1}.bin`,
    most: SOUND_MOST_BYTES,
    starts: [
      { at: 0, bytes: [0x1a, 0x45, 0xdf, 0xa3] },
      { at: 0, bytes: [0x4f, 0x67, 0x67, 0x53] },
      { at: 4, bytes: [0x66, 0x74, 0x79, 0x70] },
    ],
    refusal: "not-a-sound",
  },
  {
    kind: "waveform",
    name: (at: number): string => `waveforms/${at + 1}.f32`,
    most: 8 * MOST_SAMPLES,
    starts: null,
    refusal: "not-a-waveform",
  },
] as const;

/** Writes records with the bytes of their photos, sounds and waveforms as one zip archive; they are stored as they are. */
export function writeRigArchive(
  records: readonly AnyRecord[],
  pixels: Pixels,
  exportedAt: string,
  coreVersion: string,
  shared: Readonly<Record<string, Sharing>> | null = null,
): Uint8Array {
  const files = FOLDERS.flatMap(({ kind, name }) =>
    records
      .filter((r) => r.kind === kind)
      .flatMap((record, k) => {
        const bytes = pixels.get(record.id);
        return bytes === undefined ? [] : [[name(k), [bytes, { level: 0 }]] as const];
      }),
  );
  return zipSync(
    { [RIGS]: strToU8(writeRigFile(records, exportedAt, coreVersion, shared)), ...Object.fromEntries(files) } as Parameters<
      typeof zipSync
    >[0],
    { mtime: new Date(exportedAt) },
  );
}

/** Reads an archive: its rig file as any other, its files by the records they belong to; a record without one is kept without. */
export function readRigArchive(bytes: Uint8Array, tell?: Tell): Result<RigFile & { readonly pixels: Pixels }, ArchiveFailure> {
  const files = unfold(bytes);
  if (!files.ok) return files;
  const text = files.value[RIGS];
  if (text === undefined) return fail("no-rig-file", RIGS);
  const read = readRigFile(strFromU8(text), tell);
  if (!read.ok) return read;
  const pixels = new Map<string, Uint8Array>();
  for (const { kind, name, starts, refusal } of FOLDERS)
    for (const [k, record] of read.value.records.filter((r) => r.kind === kind).entries()) {
      const file = files.value[name(k)];
      if (file === undefined) continue;
      const fits =
        starts === null
          ? record.kind === "waveform" && file.length === bytesOf(record)
          : starts.some((s) => s.bytes.every((byte, n) => file[s.at + n] === byte));
      if (!fits) return fail(refusal, name(k));
      pixels.set(record.id, file);
    }
  return ok({ ...read.value, pixels });
}

function unfold(bytes: Uint8Array): Result<Readonly<Record<string, Uint8Array>>, ArchiveFailure> {
  let total = 0;
  let tooLarge: string | null = null;
  const wanted = ({ name, originalSize }: UnzipFileInfo): boolean => {
    const folder = FOLDERS.find((f) => name.startsWith(`${f.kind}s/`));
    if (name !== RIGS && folder === undefined) return false;
    total += originalSize;
    if (originalSize > (folder?.most ?? 4 * RIG_FILE_MOST) || total > MOST_BYTES) tooLarge ??= name;
    return tooLarge === null;
  };
  try {
    const files = unzipSync(bytes, { filter: wanted });
    return tooLarge === null ? ok(files) : fail(tooLarge === RIGS ? "too-large" : "picture-too-large", tooLarge);
  } catch {
    return fail("not-a-zip", "file");
  }
}
