import { DEFINITIONS } from "../kind/index.ts";
import { type AnyRecord, RECORD_KINDS } from "../record.ts";
import { at, groupsOf, withGroup } from "./merge.ts";

/** A record taken apart into the groups of fields that are merged by themselves, by the name of each. */
export type Pieces = Readonly<Record<string, unknown>>;

/** The piece that a record is born with: what never changes, and which fields of entries it has. */
const BORN = "";
/** Parts a field's name from its entry's: no name has one. */
const APART = "\n";
const FIXED = ["kind", "id", "schema", "createdAt"] as const;

/** The pieces of a record; entries that are not there have none. */
export function piecesOf(record: AnyRecord): Pieces {
  const { entries } = DEFINITIONS[record.kind].merge;
  const fields: Readonly<Record<string, unknown>> = { ...record };
  // A field of entries is there even while it has none.
  const empty = Object.fromEntries(entries.filter((name) => fields[name] !== undefined).map((name) => [name, {}]));
  const born = { ...Object.fromEntries(FIXED.map((name) => [name, record[name]])), ...empty };
  const groups = groupsOf(record, record).filter(([name]) => !FIXED.some((fixed) => fixed === name));
  const pieces = groups.flatMap((group) => {
    const value = at(record, group);
    return value === undefined ? [] : [[group.join(APART), value] as const];
  });
  return { ...Object.fromEntries(pieces), [BORN]: born };
}

/**
 * The record that pieces make, as it was last changed; what each device works out anew stays as it is `here`. It is
 * still to be checked: pieces may come from elsewhere. Null where the piece it was born with is missing.
 */
export function fromPieces(pieces: Pieces, updatedAt: string, here: AnyRecord | undefined): unknown {
  const born = pieces[BORN];
  const kind = RECORD_KINDS.find((k) => typeof born === "object" && born !== null && "kind" in born && born.kind === k);
  if (kind === undefined || typeof born !== "object") return null;
  const mine: Readonly<Record<string, unknown>> = here === undefined ? {} : { ...here };
  const kept = Object.entries(DEFINITIONS[kind].merge.own)
    .map(([name, first]) => [name, mine[name] ?? first] as const)
    .filter(([, value]) => value !== undefined);
  const begun = { ...born, updatedAt, ...Object.fromEntries(kept) } as AnyRecord;
  return withPieces(begun, pieces);
}

/** A record with some of its pieces changed; an undefined one is cleared. */
export function withPieces(record: AnyRecord, pieces: Pieces): AnyRecord {
  return Object.entries(pieces).reduce(
    (made, [name, value]) => (name === BORN ? bornAs(made, value) : withGroup(made, name.split(APART), value)),
    record,
  );
}

/** Two that begin one record apart agree on when it was begun, and on which fields of entries it has. */
function bornAs(record: AnyRecord, born: unknown): AnyRecord {
  const fields: Readonly<Record<string, unknown>> = { ...record };
  return Object.entries(born ?? {}).reduce(
    (made, [name, value]) => (name === "createdAt" || fields[name] === undefined ? withGroup(made, [name], value) : made),
    record,
  );
}
