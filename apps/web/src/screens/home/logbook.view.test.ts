import { grouped, rigOf, STAGES, summarise } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { byMonth, filtered, filteredRigs, logLines, stageCounts } from "./logbook.view.ts";

const all = demoRecords();
const rigs = [...grouped(all, rigOf).values()].flatMap((own) => summarise(own) ?? []);
const lines = logLines(rigs);
const titles = (words: string, stage: Parameters<typeof filtered>[1]["stage"] = "all"): string[] =>
  filtered(lines, { words, stage }).map((l) => `${l.rigName}: ${l.title}`);

describe("the logbook's lines", () => {
  it("are every job, latest change first", () => {
    expect(lines.map((l) => l.updatedAt)).toEqual(
      lines
        .map((l) => l.updatedAt)
        .toSorted()
        .toReversed(),
    );
    expect(lines.length).toBe(all.filter((r) => r.kind === "job").length);
  });

  it("are found by words anywhere in them, in any order and case", () => {
    expect(titles("DARKROOM lantern")).toEqual(["Tin Lantern: Fit a soft starter", "Tin Lantern: Will it start?"]);
    expect(titles("bunks 1.6")).toEqual(["Tin Lantern: Will it start?"]);
    expect(titles("fennel quote")).toEqual(["Fennel Row 12: Quote for a soft starter"]);
    expect(titles("fennel darkroom")).toEqual([]);
  });

  it("are narrowed to a stage, and handed over is no stage", () => {
    expect(titles("", "prove")).toEqual(["Tin Lantern: Fit a soft starter"]);
    const done = lines.map((l, k) => ({ ...l, handedOver: k === 0 }));
    expect(filtered(done, { words: "", stage: "prove" })).toEqual([]);
    expect(filtered(done, { words: "", stage: "done" }).length).toBe(1);
  });

  it("are counted by stage so that every job is counted once and each count is what its stage shows", () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ stage: fc.constantFrom(...STAGES), handedOver: fc.boolean(), month: fc.integer({ min: 1, max: 9 }) })),
        (made) => {
          const some = made.map((m, k) => ({ ...lines[0]!, ...m, id: String(k), updatedAt: `2026-0${m.month}-03T00:00:00.000Z` }));
          const counts = stageCounts(some);
          expect([...counts.values()].reduce((a, b) => a + b, 0)).toBe(some.length);
          for (const [stage, n] of counts) expect(filtered(some, { words: "", stage }).length).toBe(n);
          const months = byMonth(some.toSorted((a, b) => b.month - a.month));
          expect(months.flatMap((m) => m.lines).length).toBe(some.length);
          expect(new Set(months.map((m) => m.month)).size).toBe(months.length);
        },
      ),
    );
  });
});

describe("rigs", () => {
  it("are found by what belongs to them", () => {
    expect(filteredRigs(rigs, "condenser").map((r) => r.name)).toEqual(["Fennel Row 12"]);
    expect(filteredRigs(rigs, "").length).toBe(rigs.length);
  });
});
