import { fail, ok, type Result } from "@amp-saver/core/quantity";

/** Turns a record of one version into the next. */
export type Step = (old: Record<string, unknown>) => Record<string, unknown>;

/** Why a record cannot be brought to the newest version. */
export type MigrateFailure = "no-version" | "newer" | "no-step";

/**
 * Brings a raw record to the newest version, step by step; `steps[v]` turns version v into v + 1.
 * The steps of released versions never change.
 */
export function migrate(
  raw: Record<string, unknown>,
  newest: number,
  steps: Readonly<Record<number, Step>>,
): Result<Record<string, unknown>, MigrateFailure> {
  let current = raw;
  const start = raw.schema;
  if (typeof start !== "number" || !Number.isInteger(start) || start < 1) return fail("no-version", "schema");
  if (start > newest) return fail("newer", "schema");
  for (let version = start; version < newest; version++) {
    const step = steps[version];
    if (step === undefined) return fail("no-step", `schema ${version}`);
    current = { ...step(current), schema: version + 1 };
  }
  return ok(current);
}
