import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoRecords } from "./demo/index.ts";
import {
  type AnyRecord,
  migrate,
  newPractice,
  parseRecord,
  previewImport,
  readRigFile,
  recordKey,
  rigFileParts,
  writeRigFile,
} from "./index.ts";

const NOW = "2026-06-21T18:41:00.000Z";
const file = (change: (json: { records: Record<string, unknown>[] } & Record<string, unknown>) => void): string => {
  const json = JSON.parse(writeRigFile(demoRecords(), NOW, "0.1.0"));
  change(json);
  return JSON.stringify(json);
};

describe("the rig file", () => {
  it("may hold what was practiced alone, which is of no rig", () => {
    const practice = newPractice(NOW, "is-it-dead");
    expect(readRigFile(writeRigFile([practice], NOW, "0.1.0"))).toMatchObject({ ok: true, value: { records: [practice] } });
  });

  it("reads back exactly what was written", () => {
    expect(readRigFile(writeRigFile(demoRecords(), NOW, "0.1.0"))).toEqual({
      ok: true,
      value: { records: demoRecords(), shared: {} },
    });
  });

  it.each([
    ["not JSON", "{", "not-json"],
    ["null", "null", "not-ours"],
    ["a list", "[]", "not-ours"],
    ["another format", '{"format":"other"}', "not-ours"],
    ["a newer file", file((j) => Object.assign(j, { version: 3 })), "newer-file"],
    ["a newer record", file((j) => Object.assign(j.records[0]!, { schema: 99 })), "newer"],
    ["no record version", file((j) => delete j.records[0]!.schema), "no-version"],
    ["an unknown kind", file((j) => Object.assign(j.records[0]!, { kind: "boat" })), "unknown-kind"],
    ["an unknown key", file((j) => Object.assign(j.records[0]!, { colour: "red" })), "bad-field"],
    ["a figure out of bounds", file((j) => Object.assign(j.records[1]!, { lockedRotorA: { value: -1, from: "plate" } })), "bad-field"],
    ["one id twice", file((j) => j.records.push(j.records[0]!)), "twice"],
    ["a unit without its rig", file((j) => j.records.splice(0, 1)), "dangling"],
    [
      "a job on another rig's unit",
      file((j) => Object.assign(j.records.find((r) => r.id === "demo-front-job")!, { unitId: "demo-hatch" })),
      "other-rig",
    ],
    ["no rig at all", file((j) => j.records.splice(0)), "empty"],
  ])("refuses %s", (_name, text, reason) => {
    expect(readRigFile(text)).toMatchObject({ ok: false, reason });
  });

  it("is written in parts of which none is large, and tells how far reading is", () => {
    const [first] = demoRecords();
    const many = Array.from({ length: 3000 }, (_, k) => ({ ...first!, id: `r${k}` }) as AnyRecord);
    const parts = [...rigFileParts(many, NOW, "0.1.0")];
    expect(Math.max(...parts.map((part) => part.length))).toBeLessThan(parts.join("").length / 4);
    const told: number[] = [];
    const read = readRigFile(parts.join(""), (share) => told.push(share));
    expect(read.ok && read.value.records).toEqual(many);
    expect(told.length).toBe(6);
    expect(told).toEqual(told.toSorted((a, b) => a - b));
  });

  it("names the record and field it stumbled over", () => {
    const text = file((j) => Object.assign(j.records[1]!, { fanA: { value: 999, from: "plate" } }));
    expect(readRigFile(text)).toMatchObject({ where: "record 2, unit.fanA.value" });
  });

  it("never throws, whatever the bytes", () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        expect(readRigFile(text).ok).toBe(false);
      }),
      { seed: 3 },
    );
  });
});

describe("preview of an import", () => {
  const kept = new Map(demoRecords().map((r) => [recordKey(r), r]));

  it("does not take another order of keys for a change", () => {
    const turned = (value: unknown): unknown =>
      typeof value === "object" && value !== null && !Array.isArray(value)
        ? Object.fromEntries(
            Object.entries(value)
              .toReversed()
              .map(([k, v]) => [k, turned(v)]),
          )
        : value;
    const rows = previewImport(
      demoRecords().map((r) => turned(r) as AnyRecord),
      kept,
    );
    expect(rows.filter((r) => r.change !== "same")).toEqual([]);
  });

  it("tells new, changed and same apart, and names the fields", () => {
    const [rig, unit, ...rest] = demoRecords() as [AnyRecord, AnyRecord, ...AnyRecord[]];
    const incoming = [
      { ...rig, name: "Tin Lantern II", updatedAt: "2027-01-01T00:00:00.000Z" } as AnyRecord,
      unit,
      { ...rest[0]!, id: "other" } as AnyRecord,
    ];
    expect(previewImport(incoming, kept).map(({ change, fields }) => ({ change, fields }))).toEqual([
      { change: "changed", fields: ["name"] },
      { change: "same", fields: [] },
      { change: "new", fields: [] },
    ]);
  });
});

describe("migration", () => {
  const steps = {
    1: (old: Record<string, unknown>) => ({ ...old, name: String(old.title), title: undefined }),
    2: (old: Record<string, unknown>) => ({ ...old, name: `${old.name}!` }),
  };

  it("goes through every step in order", () => {
    expect(migrate({ schema: 1, title: "a" }, 3, steps)).toMatchObject({ ok: true, value: { schema: 3, name: "a!" } });
    expect(migrate({ schema: 3, name: "b" }, 3, steps)).toMatchObject({ ok: true, value: { schema: 3, name: "b" } });
  });

  it("refuses what is newer, and a gap in the steps", () => {
    expect(migrate({ schema: 4 }, 3, steps)).toMatchObject({ reason: "newer" });
    expect(migrate({ schema: 1 }, 3, { 2: steps[2] })).toMatchObject({ reason: "no-step" });
    expect(migrate({ schema: 0.5 }, 3, steps)).toMatchObject({ reason: "no-version" });
  });

  it("reads every record of version 1 as released, where no other loads were written as 0 though nobody had said so", () => {
    for (const record of demoRecords().filter((r) => r.kind !== "proof")) {
      const value = record.kind === "job" && record.otherLoadsA === 0 ? { ...record, otherLoadsA: null } : record;
      const proved = value.kind === "job" && value.done.includes("prove") && !value.done.includes("before");
      expect(parseRecord({ ...record, schema: 1 })).toEqual({
        ok: true,
        value: proved ? { ...value, done: [...value.done, "before"] } : value,
      });
    }
  });

  it("names the module's LINE by its name of now, in leads, ends and ticks", () => {
    const records = demoRecords();
    const starter = records.find((r) => r.kind === "starter")!;
    const lead = { color: "black", awg: 14, end: "ring" };
    expect(parseRecord({ ...starter, schema: 3, leads: { CAP: lead, ACTIVE: lead } })).toMatchObject({
      ok: true,
      value: { schema: 5, leads: { CAP: lead, LINE: lead } },
    });
    const wiring = records.find((r) => r.kind === "wiring")!;
    const built = { parts: [], conductors: [{ id: "link", color: "black", awg: 12, ends: ["k.T2", "starter.ACTIVE"] }] };
    expect(parseRecord({ ...wiring, schema: 2, built, corrected: null })).toMatchObject({
      ok: true,
      value: { built: { conductors: [{ ends: ["k.T2", "starter.LINE"] }] }, corrected: null },
    });
    const work = records.find((r) => r.kind === "work")!;
    const tick = { at: "2031-01-01T10:00:00.000Z", tugged: true, note: "" };
    expect(parseRecord({ ...work, schema: 2, steps: { "move link-to-starter link starter.ACTIVE": tick } })).toMatchObject({
      ok: true,
      value: { steps: { "move link-to-starter link starter.LINE": tick } },
    });
  });

  it("reads a proof frozen by version 1, which kept neither air nor meter and told one uncertainty", () => {
    const proof = demoRecords().find((r) => r.kind === "proof" && r.frozen !== null);
    if (proof?.kind !== "proof" || proof.frozen === null) throw new Error("the demo has a frozen proof");
    const { input, shown } = proof.frozen;
    const readings = input.readings.readings.map(({ outdoorC: _air, meter: _meter, ...r }) => r);
    const predicted = { beforeA: 50, afterA: 20, runningA: 10 };
    const first = {
      ...proof,
      schema: 1,
      frozen: {
        ...proof.frozen,
        input: { ...input, readings: { ...input.readings, readings }, predicted },
        shown: { verdict: shown.verdict, reduction: shown.reduction, uncertainty: 0.02 },
      },
    };
    const read = parseRecord(first);
    expect(read).toMatchObject({
      ok: true,
      value: { schema: 2, frozen: { shown: { low: null, high: null }, input: { predicted: { expected: null } } } },
    });
    expect(read.ok && read.value.kind === "proof" && read.value.frozen?.input.readings.readings[0]).toMatchObject({
      outdoorC: null,
      meter: "",
    });
    expect(parseRecord({ ...proof, schema: 1, frozen: null })).toEqual({ ok: true, value: { ...proof, frozen: null } });
  });
});
