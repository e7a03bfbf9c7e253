import { canonical } from "@amp-saver/core/quantity";
import { type AnyRecord, parseRecord, RECORD_VERSIONS, recordKey } from "@amp-saver/records";
import { fromPieces, type Pieces, piecesOf } from "@amp-saver/records/exchange";
import type { Replica } from "./replica.ts";

/** Documents that are records. */
const RECORDS = "record ";
const docOf = (key: string): string => RECORDS + key;

/** What of records this app writes: kinds and their versions. */
export const SPEAKS: string = Object.entries(RECORD_VERSIONS)
  .map(([kind, { newest }]) => `${kind.slice(0, 4)}${newest}`)
  .join(" ");

/** Notes in a replica what has become of a rig's records here; those it holds and that are gone are deleted. Returns how many changes that made. */
export function writeRecords(replica: Replica, records: readonly AnyRecord[], at: string): number {
  const docs = new Map<string, Pieces | null>(replica.names(RECORDS).map((doc) => [doc, null]));
  for (const record of records) docs.set(docOf(recordKey(record)), piecesOf(record));
  return replica.write(docs, at);
}

/** What a replica makes of a rig: records to put in place, and those to take away; what makes no record is left. */
export function recordsFrom(
  replica: Replica,
  here: readonly AnyRecord[],
): { readonly put: readonly AnyRecord[]; readonly away: readonly AnyRecord[] } {
  const mine = new Map(here.map((record) => [docOf(recordKey(record)), record]));
  const there = new Set(replica.names(RECORDS));
  const put = [...there].flatMap((doc): readonly AnyRecord[] => {
    const held = replica.read(doc);
    if (held === null) return [];
    const own = mine.get(doc);
    const made = parseRecord(fromPieces(held.pieces, held.at, own));
    if (!made.ok) return [];
    const differs = own === undefined || canonical(piecesOf(own)) !== canonical(piecesOf(made.value));
    return differs ? [made.value] : [];
  });
  return { put, away: here.filter((record) => !there.has(docOf(recordKey(record)))) };
}
