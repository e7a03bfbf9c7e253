import { describe, expect, it } from "vitest";
import { demoRecords } from "./demo/index.ts";
import { nameProblem, parseRecord, readRigFile, writeRigFile } from "./index.ts";

const rig = demoRecords().find((r) => r.kind === "rig")!;

describe("an id", () => {
  it.each(["constructor", "__proto__", "toString", "hasOwnProperty", "prototype"])("is never %s, and that is said", (id) => {
    const text = writeRigFile([{ ...rig, id: "somewhere" as typeof rig.id }], rig.createdAt, "0.1.0").replace(
      '"somewhere"',
      JSON.stringify(id),
    );
    expect(readRigFile(text)).toEqual({ ok: false, reason: "bad-field", where: "record 1, rig.id" });
  });

  it("of a rig in what is told of its travels is never one of those either", () => {
    const text = writeRigFile([rig], rig.createdAt, "0.1.0", { valueOf: { revision: "a", seen: [] } });
    expect(readRigFile(text)).toMatchObject({ ok: false, reason: "bad-field" });
  });
});

describe("a name", () => {
  it.each([
    ["nothing", ""],
    ["blanks", "  \u00a0\u3000"],
    ["letters of no width", "\u200b\u200d\u2060\ufeff"],
    ["fillers", "\u3164\u115f\uffa0"],
    ["marks without a letter", "\u0301\u20dd"],
    ["turned direction", "\u202e\u2066"],
    ["half a letter", "\ud800"],
    ["an empty pattern of braille", "\u2800"],
  ])("of %s is refused, here and in a file", (_what, name) => {
    expect(nameProblem(name)).toBe("unseen");
    expect(parseRecord({ ...rig, name })).toMatchObject({ ok: false, where: "rig.name" });
  });

  it("of any writing that can be seen is kept, up to 120 letters", () => {
    for (const name of ["Tin Lantern", "東の車", "بيت", "12", "🚐", "é", "x".repeat(120)]) {
      expect(nameProblem(name)).toBeNull();
      expect(parseRecord({ ...rig, name })).toMatchObject({ ok: true, value: { name } });
    }
    expect(nameProblem("x".repeat(121))).toBe("too-long");
    expect(parseRecord({ ...rig, name: "x".repeat(121) })).toMatchObject({ ok: false, where: "rig.name" });
  });
});
