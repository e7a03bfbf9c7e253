import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { strFromU8, strToU8, type UnzipFileInfo, unzipSync, zipSync } from "fflate";
import { PHOTO_MOST_BYTES } from "./photo.ts";
import type { AnyRecord } from "./record.ts";
import { RIG_FILE_MOST, type RigFileFailure, readRigFile, writeRigFile } from "./rig-file.ts";

/** Pixels of photos by id. */
export type Pixels = ReadonlyMap<string, Uint8Array>;
/** Why an archive was refused. */
export type ArchiveFailure = RigFileFailure | "not-a-zip" | "no-rig-file" | "picture-too-large" | "not-a-picture";

const RIGS = "rigs.ampsaver.json";
/** Most that an archive may unfold to, bytes. */
const MOST_BYTES = 500_000_000;
const JPEG_STARTS = [0xff, 0xd8, 0xff] as const;

/** Where the pixels of a photo lie in an archive: ids can hold letters that file names cannot. */
const pictureName = (index: number): string => `photos/${index + 1}.jpg`;

/** Writes records and the pixels of their photos as one zip archive; pictures are stored as they are. */
export function writeRigArchive(records: readonly AnyRecord[], pixels: Pixels, exportedAt: string, coreVersion: string): Uint8Array {
  const pictures = photosOf(records).flatMap((photo, k) => {
    const picture = pixels.get(photo.id);
    return picture === undefined ? [] : [[pictureName(k), [picture, { level: 0 }]] as const];
  });
  return zipSync(
    { [RIGS]: strToU8(writeRigFile(records, exportedAt, coreVersion)), ...Object.fromEntries(pictures) } as Parameters<typeof zipSync>[0],
    { mtime: new Date(exportedAt) },
  );
}

/** Reads an archive: its rig file as any other, its pictures by the photos they belong to; a photo without one is kept without. */
export function readRigArchive(
  bytes: Uint8Array,
): Result<{ readonly records: readonly AnyRecord[]; readonly pixels: Pixels }, ArchiveFailure> {
  const files = unfold(bytes);
  if (!files.ok) return files;
  const text = files.value[RIGS];
  if (text === undefined) return fail("no-rig-file", RIGS);
  const read = readRigFile(strFromU8(text));
  if (!read.ok) return read;
  const pixels = new Map<string, Uint8Array>();
  for (const [k, photo] of photosOf(read.value).entries()) {
    const picture = files.value[pictureName(k)];
    if (picture === undefined) continue;
    if (!JPEG_STARTS.every((byte, at) => picture[at] === byte)) return fail("not-a-picture", pictureName(k));
    pixels.set(photo.id, picture);
  }
  return ok({ records: read.value, pixels });
}

const photosOf = (records: readonly AnyRecord[]) => records.filter((r) => r.kind === "photo");

function unfold(bytes: Uint8Array): Result<Readonly<Record<string, Uint8Array>>, ArchiveFailure> {
  let total = 0;
  let tooLarge: string | null = null;
  const wanted = ({ name, originalSize }: UnzipFileInfo): boolean => {
    if (name !== RIGS && !name.startsWith("photos/")) return false;
    total += originalSize;
    if (originalSize > (name === RIGS ? 4 * RIG_FILE_MOST : PHOTO_MOST_BYTES) || total > MOST_BYTES) tooLarge ??= name;
    return tooLarge === null;
  };
  try {
    const files = unzipSync(bytes, { filter: wanted });
    return tooLarge === null ? ok(files) : fail(tooLarge === RIGS ? "too-large" : "picture-too-large", tooLarge);
  } catch {
    return fail("not-a-zip", "file");
  }
}
