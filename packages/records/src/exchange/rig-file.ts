import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { z } from "zod";
import { id, timestamp } from "../identity.ts";
import { type ParseFailure, parseRecord } from "../parse.ts";
import { type AnyRecord, recordKey, references, rigOf } from "../record.ts";

/** Name and newest version of the file that carries one or more rigs with all that belongs to them. */
export const RIG_FILE_FORMAT = "amp-saver/rigs";
const RIG_FILE_VERSION = 2;
/** Most states a rig remembers having taken in. */
export const MOST_SEEN = 200;
/** Largest file that is read, in characters. */
export const RIG_FILE_MOST = 250_000_000;

const ZIP_STARTS = [0x50, 0x4b] as const;

/** Whether bytes are an archive rather than text. */
export function isArchive(bytes: Uint8Array): boolean {
  return ZIP_STARTS.every((byte, at) => bytes[at] === byte);
}

/** Why a file was refused; `where` names the place. */
export type RigFileFailure =
  | ParseFailure
  | "not-json"
  | "not-ours"
  | "newer-file"
  | "too-large"
  | "empty"
  | "twice"
  | "dangling"
  | "other-rig";

/** By which states a rig in a file can be told from the same rig elsewhere: this one, and all it has taken in before. */
const sharingSchema = z.strictObject({ revision: z.string().min(1).max(100), seen: z.array(z.string().min(1).max(100)).max(MOST_SEEN) });
export type Sharing = z.infer<typeof sharingSchema>;

/** A rig file around its records. */
export const rigFileSchema = z.strictObject({
  format: z.literal(RIG_FILE_FORMAT),
  version: z.literal([1, RIG_FILE_VERSION]),
  exportedAt: timestamp,
  coreVersion: z.string().max(40),
  /** Since version 2, by rig. */
  shared: z.record(id, sharingSchema).optional(),
  records: z.array(z.unknown()).max(1_000_000),
});

/** Told what share of a long piece of work is done, 0 to 1. */
export type Tell = (share: number) => void;
/** Records between two tellings. */
const TELL_EVERY = 500;

/** Writes records as a rig file, one record a line, in parts that follow each other. The time and version come from the caller. */
export function* rigFileParts(
  records: readonly AnyRecord[],
  exportedAt: string,
  coreVersion: string,
  shared: Readonly<Record<string, Sharing>> | null = null,
): Generator<string> {
  const head = { format: RIG_FILE_FORMAT, version: shared === null ? 1 : RIG_FILE_VERSION, exportedAt, coreVersion };
  yield `${JSON.stringify({ ...head, ...(shared !== null && { shared }) }).slice(0, -1)},\n"records":[\n`;
  for (let from = 0; from < records.length; from += TELL_EVERY) {
    const part = records.slice(from, from + TELL_EVERY).map((r) => JSON.stringify(r));
    yield `${from === 0 ? "" : ",\n"}${part.join(",\n")}`;
  }
  yield "\n]}\n";
}

/** Writes records as the text of a rig file. */
export function writeRigFile(...given: Parameters<typeof rigFileParts>): string {
  return [...rigFileParts(...given)].join("");
}

/** What a rig file holds. */
export interface RigFile {
  readonly records: readonly AnyRecord[];
  /** By which states its rigs are told apart; nothing where it is of the first version. */
  readonly shared: Readonly<Record<string, Sharing>>;
}

/** Reads a rig file: every record parsed, ids unique, everything it refers to in the file and of its own rig. */
export function readRigFile(text: string, tell?: Tell): Result<RigFile, RigFileFailure> {
  if (text.length > RIG_FILE_MOST) return fail("too-large", "file");
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return fail("not-json", "file");
  }
  const head = json as { format?: unknown; version?: unknown } | null;
  if (typeof head !== "object" || head === null || head.format !== RIG_FILE_FORMAT) return fail("not-ours", "format");
  if (typeof head.version === "number" && head.version > RIG_FILE_VERSION) return fail("newer-file", "version");
  const parsed = rigFileSchema.safeParse(json);
  if (!parsed.success) return fail("bad-field", parsed.error.issues[0]?.path.map(String).join(".") || "file");
  const records = readAll(parsed.data.records, tell);
  return records.ok ? ok({ records: records.value, shared: parsed.data.shared ?? {} }) : records;
}

function readAll(raw: readonly unknown[], tell?: Tell): Result<readonly AnyRecord[], RigFileFailure> {
  const records: AnyRecord[] = [];
  const seen = new Set<string>();
  for (const [index, item] of raw.entries()) {
    const record = parseRecord(item);
    if (!record.ok) return fail(record.reason, `record ${index + 1}, ${record.where}`);
    const key = recordKey(record.value);
    if (seen.has(key)) return fail("twice", `record ${index + 1}, ${key}`);
    seen.add(key);
    records.push(record.value);
    if (index % TELL_EVERY === 0) tell?.(index / raw.length);
  }
  if (!records.some((r) => r.kind === "rig" || r.kind === "practice" || r.kind === "pattern")) return fail("empty", "records");
  const homes = new Map(records.map((r) => [recordKey(r), rigOf(r)]));
  for (const [index, record] of records.entries()) {
    const lost = references(record).find((key) => !seen.has(key));
    if (lost !== undefined) return fail("dangling", `record ${index + 1}, ${lost}`);
    const strange = references(record).find((key) => (homes.get(key) ?? rigOf(record)) !== rigOf(record));
    if (strange !== undefined) return fail("other-rig", `record ${index + 1}, ${strange}`);
  }
  return ok(records);
}
