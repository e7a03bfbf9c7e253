import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoRecords } from "../demo/index.ts";
import { type Load, MOST_RIG_LOADS } from "../index.ts";
import { readLoads, writeLoads } from "./load-csv.ts";

const loads = demoRecords().filter((r): r is Load => r.kind === "load" && r.rigId === "demo-tin-lantern");

describe("a list of loads as CSV", () => {
  it("comes back as it went out", () => {
    const read = readLoads(writeLoads(loads));
    if (!read.ok) throw new Error(read.failure.code);
    expect(read.rows.map((r) => [r.name, r.runW?.value, r.leg, r.priority, r.continuous, r.automatic, r.on])).toEqual(
      loads.map((l) => [l.name, l.runW?.value, l.leg, l.priority, l.continuous, l.automatic, l.on]),
    );
  });

  it("survives any name", () => {
    fc.assert(
      fc.property(
        fc.string({ minLength: 1, maxLength: 60 }).filter((s) => s.trim() === s && s !== ""),
        (name) => {
          const read = readLoads(writeLoads([{ ...loads[0]!, name }]));
          expect(read.ok && read.rows[0]?.name).toBe(name);
        },
      ),
    );
  });

  it.each(["=1+1", "+kettle", "-kettle", "@kettle", "'=1+1", "''=x"])(
    "makes %j harmless for a spreadsheet, and gives it back as it was",
    (name) => {
      const text = writeLoads([{ ...loads[0]!, name }]);
      expect(text.split("\r\n")[1]).toMatch(/^"?'/);
      const read = readLoads(text);
      expect(read.ok && read.rows[0]?.name).toBe(name);
    },
  );

  it("takes decimal commas, semicolons and a byte order mark", () => {
    const read = readLoads("\uFEFFname;amps;leg\r\nKettle;12,5;2\r\n");
    expect(read).toEqual({ ok: true, rows: [{ name: "Kettle", runA: { value: 12.5, from: "sheet" }, leg: 2 }] });
  });

  it.each([
    ["", { code: "empty" }],
    ["name,watts\n", { code: "empty" }],
    ["load,watts\nKettle,5\n", { code: "no-name" }],
    ["name,note\nKettle,hot\n", { code: "no-figure" }],
    ["name,watts,watts\nKettle,5,6\n", { code: "column-twice", column: "watts" }],
    ["name,watts\n,5\n", { code: "bad-name", line: 2 }],
    ["name,watts\nKettle,\n", { code: "missing-figure", line: 2 }],
    ["name,amps\nKettle,-3\n", { code: "bad-figure", line: 2, column: "amps", limits: "0.0 to 200 A" }],
    ["name,amps\nKettle,1e9\n", { code: "bad-figure", line: 2, column: "amps", limits: "0.0 to 200 A" }],
    ["name,watts,leg\nKettle,5,3\n", { code: "bad-word", line: 2, column: "leg", limits: "1, 2, both" }],
    ["name,watts,on\nA,5,yes\nB,5,perhaps\n", { code: "bad-word", line: 3, column: "on", limits: "yes, no" }],
  ])("refuses %j", (text, failure) => {
    expect(readLoads(text)).toEqual({ ok: false, failure });
  });

  it("refuses a list without end before reading it whole", () => {
    const line = "Kettle,1500\n";
    expect(readLoads(`name,watts\n${line.repeat(200_000)}`)).toEqual({ ok: false, failure: { code: "too-many" } });
    expect(readLoads(`name,watts\n${line.repeat(MOST_RIG_LOADS)}`).ok).toBe(true);
  });
});
