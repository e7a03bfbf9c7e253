import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { type MigrateFailure, migrate } from "./migrate.ts";
import { type AnyRecord, RECORD_SCHEMAS, RECORD_VERSIONS, type RecordKind } from "./record.ts";

/** Why something is not a record: with the field it stumbled over in `where`. */
export type ParseFailure = MigrateFailure | "not-an-object" | "unknown-kind" | "bad-field";

/** Reads one raw record: migrates it to the newest version, then checks it against its schema. */
export function parseRecord(raw: unknown): Result<AnyRecord, ParseFailure> {
  if (typeof raw !== "object" || raw === null || Array.isArray(raw)) return fail("not-an-object", "record");
  const fields: Readonly<Record<string, unknown>> = { ...raw };
  const { kind } = fields;
  if (!isKnown(kind)) return fail("unknown-kind", "kind");
  const { newest, steps } = RECORD_VERSIONS[kind];
  const migrated = migrate(fields, newest, steps);
  if (!migrated.ok) return migrated;
  const parsed = RECORD_SCHEMAS[kind].safeParse(migrated.value);
  if (parsed.success) return ok(parsed.data as AnyRecord);
  const issue = parsed.error.issues[0];
  const path = [kind, ...(issue?.path ?? [])].map(String).join(".");
  return fail("bad-field", issue?.code === "unrecognized_keys" ? `${path}.${issue.keys[0]}` : path);
}

function isKnown(kind: unknown): kind is RecordKind {
  return typeof kind === "string" && Object.hasOwn(RECORD_SCHEMAS, kind);
}
