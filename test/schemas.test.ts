import { readdirSync, readFileSync } from "node:fs";
import {
  budgetCaseSchema,
  practiceCaseSchema,
  readingsCaseSchema,
  startCaseSchema,
  wiringCaseSchema,
  wiringCheckSchema,
} from "@amp-saver/cases/files";
import { commandSchema, displaySchema, eventSchema, instrumentSchema } from "@amp-saver/instruments";
import { RECORD_SCHEMAS, rigFileSchema, writeRigFile } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { z } from "zod";

/** A schema as JSON Schema, each part under its own name. */
function written(parts: Readonly<Record<string, z.ZodType>>): string {
  const definitions = Object.fromEntries(
    Object.entries(parts).map(([name, schema]) => {
      const { $schema: _schema, ...rest } = z.toJSONSchema(schema, {
        io: "input",
        // A list that code may not change is a list like any other to whoever writes a file.
        override: ({ jsonSchema }) => {
          delete jsonSchema.readOnly;
        },
      });
      return [name, rest];
    }),
  );
  return `${JSON.stringify({ $schema: "https://json-schema.org/draft/2020-12/schema", $defs: definitions }, null, 1)}\n`;
}

/** Run with `-u` after a schema has changed. */
describe("what files and messages hold, as JSON Schema", () => {
  it("is written out for every kind of record", async () => {
    await expect(written(RECORD_SCHEMAS)).toMatchFileSnapshot("../docs/formats/records.schema.json");
    const kinds = new Set(
      (JSON.parse(writeRigFile(demoRecords(), "2031-02-01T10:00:00.000Z", "0.1.0")) as { records: { kind: string }[] }).records.map(
        (r) => r.kind,
      ),
    );
    for (const kind of kinds) expect(Object.keys(RECORD_SCHEMAS)).toContain(kind);
  });

  const files = {
    "amp-saver/start-case": startCaseSchema,
    "amp-saver/budget-case": budgetCaseSchema,
    "amp-saver/readings-case": readingsCaseSchema,
    "amp-saver/practice-case": practiceCaseSchema,
    "amp-saver/wiring-case": wiringCaseSchema,
    "amp-saver/wiring-check": wiringCheckSchema,
    "amp-saver/rigs": rigFileSchema,
  };

  it("is written out for every file that is read", async () => {
    await expect(written(files)).toMatchFileSnapshot("../docs/formats/files.schema.json");
    const rigs: unknown = JSON.parse(writeRigFile(demoRecords(), "2031-02-01T10:00:00.000Z", "0.1.0"));
    expect(rigFileSchema.safeParse(rigs).success).toBe(true);
  });

  it("holds for every example that its page shows", () => {
    const folder = new URL("../docs/formats/", import.meta.url);
    const shown = readdirSync(folder)
      .filter((name) => name.endsWith(".md"))
      .flatMap((name) =>
        [...readFileSync(new URL(name, folder), "utf8").matchAll(/```json\n([\s\S]*?)```/g)].map((m) => [name, m[1]!] as const),
      );
    const checked = shown.flatMap(([name, text]) => {
      const example: { readonly format?: string } = JSON.parse(text);
      const schema = Object.entries(files).find(([format]) => format === example.format)?.[1];
      return schema === undefined ? [] : [{ name, wrong: schema.safeParse(example).error?.message ?? null }];
    });
    expect(checked.filter(({ wrong }) => wrong !== null)).toEqual([]);
    expect(new Set(checked.map(({ name }) => name)).size).toBeGreaterThanOrEqual(4);
  });

  it("is written out for every message of an instrument", async () => {
    await expect(
      written({ instrument: instrumentSchema, event: eventSchema, display: displaySchema, command: commandSchema }),
    ).toMatchFileSnapshot("../docs/formats/instruments.schema.json");
  });
});
