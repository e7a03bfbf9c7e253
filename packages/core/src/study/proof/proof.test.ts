import { describe, expect, it } from "vitest";
import { ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import type { ClampReading } from "../reading/index.ts";
import { againstExpected, type ProofInput, predictReadings, type RunTest, studyProof } from "./index.ts";

const TOLERANCE = 0.03;
const MIN = 60_000;
let next = 0;
const reading = (when: ClampReading["when"], amps: number, more: Partial<ClampReading> = {}): ClampReading => {
  next += 1;
  return { id: `r${next}`, when, kind: "inrush", conductor: "common", amps, tolerance: TOLERANCE, ...more };
};
const run = (sourceId: string, minutes: number, outcome: RunTest["outcome"], more: Partial<RunTest> = {}): RunTest => {
  next += 1;
  const startedMs = next * 1000 * MIN;
  return { sourceId, startedMs, endedMs: startedMs + minutes * MIN, outcome, outdoorC: 35, loadsOn: "", ...more };
};
const input = (change: Partial<ProofInput> & { readonly amps?: readonly ClampReading[] } = {}): ProofInput => ({
  readings: { readings: change.amps ?? [], lockedRotorA: 140 },
  predicted: null,
  learned: { runs: 5, settled: true },
  tests: [run("generator", 40, "well")],
  hottestC: 35,
  ...change,
});

const three = (when: ClampReading["when"], amps: number): ClampReading[] => [0.99, 1, 1.01].map((f) => reading(when, amps * f));

/** Field pairs: common practice, no source. */
describe("field pairs", () => {
  it.each([
    [68.8, 20.5, 70.2],
    [125.4, 35.8, 71.5],
    [91.6, 54.8, 40.2],
  ])("%d A to %d A is %d %% less, with its range", (before, after, percent) => {
    const { readings } = studyProof(input({ amps: [...three("before", before), ...three("after", after)] }));
    expect(Math.abs(readings.start!.reduction * 100 - percent)).toBeLessThan(0.05);
    const { low, reduction, high } = readings.start!;
    expect(reduction - low).toBeGreaterThan(0.01);
    expect(high - reduction).toBeGreaterThan(0.01);
    expect(high - low).toBeLessThan(0.12);
  });

  it("refuses 64.2 %: it rests on a first reading that no rotor of this plate can draw", () => {
    const bounced = reading("before", 152.9);
    const amps = [bounced, reading("after", 54.8)];
    const study = studyProof(input({ readings: { readings: amps, lockedRotorA: 100 } }));
    expect(study.readings.start).toBeNull();
    expect(study.gaps).toContain("no-before");
    const again = studyProof(input({ readings: { readings: [...amps, reading("before", 91.6)], lockedRotorA: 100 } }));
    expect(Math.round(again.readings.start!.reduction * 1000) / 10).toBe(40.2);
    expect(again.readings.leftOut).toEqual([{ id: bounced.id, reason: "above-locked" }]);
  });
});

describe("what a proof does not show", () => {
  const amps = [
    ...three("before", 62),
    ...three("after", 22),
    reading("before", 11.7, { kind: "live" }),
    reading("after", 11.8, { kind: "live" }),
  ];

  it("is nothing, where everything was read alike, learned, and run long and hot enough", () => {
    expect(studyProof(input({ amps })).gaps).toEqual([]);
  });

  it.each([
    ["no-before", { amps: three("after", 22) }],
    ["no-after", { amps: three("before", 62) }],
    ["nothing-alike", { amps: [reading("before", 62), reading("after", 22, { kind: "max-hold" })] }],
    ["few-readings", { amps: amps.slice(1) }],
    ["not-counted", { amps, learned: null }],
    ["not-settled", { amps, learned: { runs: 5, settled: false } }],
    ["no-running", { amps: amps.slice(0, 6) }],
    ["no-test", { amps, tests: [] }],
    ["mild-day", { amps, tests: [run("generator", 40, "well", { outdoorC: 24 })] }],
    ["air-not-noted", { amps, tests: [run("generator", 40, "well", { outdoorC: null })] }],
  ] as const)("is said: %s", (gap, change) => {
    expect(studyProof(input(change)).gaps).toContain(gap);
  });
});

describe("runs on a source", () => {
  const shown = (...tests: readonly RunTest[]) => studyProof(input({ tests })).sources;

  it("show that it keeps running only where one lasted half an hour", () => {
    expect(shown(run("a", 31, "well"))).toMatchObject([{ verdict: "keeps-running", minutes: 31, failedAfterMin: null }]);
    expect(shown(run("a", 12, "well"))).toMatchObject([{ verdict: "too-short", minutes: 12 }]);
    expect(shown(run("a", 5, "stopped"))).toMatchObject([{ verdict: "stopped", minutes: 0, failedAfterMin: 5 }]);
  });

  it("let a stop stand until a longer run ends well after it", () => {
    expect(shown(run("a", 40, "well"), run("a", 5, "stopped"))).toMatchObject([{ verdict: "stopped" }]);
    expect(shown(run("a", 5, "stopped"), run("a", 40, "well"))).toMatchObject([{ verdict: "keeps-running", failedAfterMin: 5 }]);
    expect(shown(run("a", 20, "stopped"), run("a", 12, "well"))).toMatchObject([{ verdict: "stopped" }]);
  });

  it("are judged source by source, and one that still runs says nothing", () => {
    const rows = shown(run("a", 40, "well"), run("b", 3, "stopped"), { ...run("c", 0, null), endedMs: null });
    expect(rows.map((r) => [r.sourceId, r.verdict])).toEqual([
      ["a", "keeps-running"],
      ["b", "stopped"],
    ]);
  });
});

describe("predicted readings", () => {
  const asFound = stiffStart(ROOFTOP, { kind: "as-found" });
  const soft = stiffStart(ROOFTOP, { kind: "soft" });

  it("are of the kind that is read: a slow maximum below the inrush as found, above it with a starter's ramp", () => {
    const inrush = predictReadings(asFound, soft, "inrush", "common");
    const hold = predictReadings(asFound, soft, "max-hold", "common");
    const own = predictReadings(asFound, soft, "app", "common");
    expect(hold.beforeA!).toBeLessThan(inrush.beforeA!);
    expect(hold.afterA!).toBeGreaterThan(inrush.afterA! * 0.9);
    expect(own.afterA!).toBeGreaterThanOrEqual(hold.afterA!);
    expect(1 - own.afterA! / own.beforeA!).toBeGreaterThan(0.5);
  });

  it("come with ranges by kind: the first 100 ms may see only the foot of the ramp, and overstate the reduction", () => {
    const [inrush, own] = (["inrush", "app"] as const).map((kind) => predictReadings(asFound, soft, kind, "common").expected!);
    for (const { low, middle, high } of [inrush!.reduction, own!.reduction, inrush!.before, own!.after]) {
      expect(low).toBeLessThan(middle);
      expect(middle).toBeLessThan(high);
    }
    expect(inrush!.reduction.high).toBeGreaterThan(own!.reduction.high + 0.02);
    expect(own!.reduction.low).toBeGreaterThan(0.55);
    expect(own!.reduction.high).toBeLessThan(0.8);
  });

  it("take a limit that the sheet or the link tells as it is", () => {
    const known = stiffStart(ROOFTOP, { kind: "soft", limitA: 22 });
    const { after } = predictReadings(asFound, known, "app", "common").expected!;
    expect(after.low).toBeGreaterThan(20);
    expect(after.high).toBeLessThan(25);
  });

  it("judge a reduction by this unit’s own band and not by one for all: a known gentle limit makes 50 % as expected", () => {
    const gentle = stiffStart(ROOFTOP, { kind: "soft", limitA: 30 });
    const predicted = predictReadings(asFound, gentle, "app", "common");
    const amps = [...three("before", 62), ...three("after", 31)].map((r) => ({ ...r, kind: "app" as const }));
    expect(studyProof(input({ amps })).readings.verdict).toBe("less-than-expected");
    expect(studyProof(input({ amps, predicted })).readings).toMatchObject({ verdict: "as-expected", expected: { ofUnit: true } });
  });

  it("stand beside what was measured", () => {
    const predicted = predictReadings(asFound, soft, "inrush", "common");
    const measured = [...three("before", predicted.beforeA! * 1.05), ...three("after", predicted.afterA! * 1.5)];
    expect(studyProof(input({ predicted, amps: measured }))).toMatchObject({ before: "same", after: "above", running: "not-known" });
  });

  it("are the same within the range and within the band, whichever is wider", () => {
    const range = { middle: 20, low: 12, high: 21 };
    expect([11.9, 12, 16, 24, 24.1].map((a) => againstExpected(a, 20, range))).toEqual(["below", "same", "same", "same", "above"]);
    expect([15.9, 16.1, 24.1].map((a) => againstExpected(a, 20))).toEqual(["below", "same", "above"]);
    expect([againstExpected(null, 20), againstExpected(20, null), againstExpected(20, 0)]).toEqual(["not-known", "not-known", "not-known"]);
  });
});
