import { canonical } from "@amp-saver/core/quantity";
import { type AnyRecord, parseRecord, RECORD_KINDS, RECORD_VERSIONS, type RecordKind, recordKey } from "@amp-saver/records";
import { fromPieces, type Pieces, piecesOf, withPieces } from "@amp-saver/records/exchange";
import type { Replica } from "./replica.ts";

/** Documents that are records. */
export const RECORDS = "record ";

/** What of records this app writes: kinds and their versions. */
export const SPEAKS: string = Object.entries(RECORD_VERSIONS)
  .map(([kind, { newest }]) => `${kind.slice(0, 4)}${newest}`)
  .join(" ");

/** Something the other changed that is still to be done here, and the pieces it makes; null for none. */
export type Due = { readonly doc: string; readonly pieces: Pieces | null } & DueWork;
type DueWork =
  | { readonly do: "put"; readonly record: AnyRecord }
  | { readonly do: "away"; readonly kind: RecordKind; readonly id: string }
  /** `turn` gives the record with the other's changes: whatever was changed here meanwhile stays, and goes out after them. */
  | {
      readonly do: "change";
      readonly kind: RecordKind;
      readonly id: string;
      readonly turn: (record: AnyRecord) => AnyRecord;
    };

/**
 * A rig's records between this device and a replica. It remembers what both last agreed on, so that what was changed
 * here is told from what the other changed and is not done here yet.
 */
export class SharedRig {
  private readonly replica: Replica;
  private readonly base: Map<string, Pieces>;

  constructor(replica: Replica, base: readonly (readonly [string, Pieces])[] = []) {
    this.replica = replica;
    this.base = new Map(base);
  }

  /** What both last agreed on, to be kept over a reload. */
  agreed(): readonly (readonly [string, Pieces])[] {
    return [...this.base];
  }

  /** Notes what was changed here since then; returns how many changes that were. */
  give(records: readonly AnyRecord[], at: string): number {
    let made = 0;
    const here = new Map(records.map((record) => [RECORDS + recordKey(record), piecesOf(record)]));
    for (const [doc, pieces] of here) {
      made += this.replica.change(doc, this.base.get(doc) ?? null, pieces, at);
      this.base.set(doc, pieces);
    }
    for (const doc of [...this.base.keys()]) {
      if (here.has(doc)) continue;
      made += this.replica.remove(doc, at);
      this.base.delete(doc);
    }
    return made;
  }

  /** How many documents of the other make no record here: what it wrote cannot be read. */
  unread(): number {
    return this.replica.names(RECORDS).filter((doc) => {
      const held = this.replica.read(doc);
      return held !== null && !parseRecord(fromPieces(held.pieces, held.at, undefined)).ok;
    }).length;
  }

  /** What the other changed, to be done here; what makes no record is left. */
  due(): readonly Due[] {
    const there = new Set(this.replica.names(RECORDS));
    const gone = [...this.base.keys()]
      .filter((doc) => !there.has(doc))
      .flatMap((doc): readonly Due[] => {
        const named = namedBy(doc);
        return named === null ? [] : [{ do: "away", doc, pieces: null, ...named }];
      });
    const changed = [...there].flatMap((doc): readonly Due[] => {
      const held = this.replica.read(doc);
      const base = this.base.get(doc);
      if (held === null || (base !== undefined && canonical(base) === canonical(held.pieces))) return [];
      const made = parseRecord(fromPieces(held.pieces, held.at, undefined));
      if (!made.ok) return [];
      if (base === undefined) return [{ do: "put", doc, pieces: held.pieces, record: made.value }];
      const names = [...new Set([...Object.keys(base), ...Object.keys(held.pieces)])];
      const differ = names.filter((name) => canonical(base[name]) !== canonical(held.pieces[name]));
      const turn = (record: AnyRecord): AnyRecord => {
        const now = piecesOf(record);
        const untouched = differ.filter((name) => canonical(now[name]) === canonical(base[name]));
        return withPieces(record, Object.fromEntries(untouched.map((name) => [name, held.pieces[name]])));
      };
      return [{ do: "change", doc, pieces: held.pieces, kind: made.value.kind, id: made.value.id, turn }];
    });
    return [...gone, ...changed];
  }

  /** Something due was done here: what came in meanwhile is still due. */
  took({ doc, pieces }: Due): void {
    if (pieces === null) this.base.delete(doc);
    else this.base.set(doc, pieces);
  }

  /**
   * Meets records that lie here already and that nothing is agreed on yet: of a piece that differs the newer record's counts,
   * and the other's stands beside it; what only this device has goes out.
   */
  meet(records: readonly AnyRecord[], at: string): void {
    for (const record of records) {
      const [doc, pieces] = [RECORDS + recordKey(record), piecesOf(record)];
      const held = this.replica.read(doc);
      if (held === null) this.replica.change(doc, null, pieces, at);
      else
        for (const name of new Set([...Object.keys(pieces), ...Object.keys(held.pieces)]))
          if (canonical(pieces[name]) !== canonical(held.pieces[name]))
            this.replica.setUnaware(doc, name, pieces[name], record.updatedAt, record.updatedAt > held.at);
      this.base.set(doc, pieces);
    }
  }
}

/** Kind and id of the record that a document is; null where it is none. */
function namedBy(doc: string): { readonly kind: RecordKind; readonly id: string } | null {
  const key = doc.slice(RECORDS.length);
  const kind = RECORD_KINDS.find((k) => key.startsWith(`${k} `));
  return kind === undefined ? null : { kind, id: key.slice(kind.length + 1) };
}
