import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ClampReading, judgeRunning, studyReadings } from "./index.ts";

let next = 0;
function reading(when: "before" | "after", amps: number, more: Partial<ClampReading> = {}): ClampReading {
  next += 1;
  return { id: `r${next}`, when, kind: "inrush", conductor: "common", amps, tolerance: 0.03, ...more };
}

/** Field pairs: common practice, no source. */
describe("before and after on one unit", () => {
  it.each([
    [68.8, 20.5, 70.2],
    [125.4, 35.8, 71.5],
    [91.6, 54.8, 40.2],
  ])("%d A to %d A is %d %% less", (before, after, percent) => {
    const study = studyReadings({ readings: [reading("before", before), reading("after", after)], lockedRotorA: 140 });
    expect(Math.abs(study.start!.reduction * 100 - percent)).toBeLessThan(0.05);
  });

  it("does not call 40 % half: it is less than a learned starter is expected to give", () => {
    const readings = [reading("before", 91.6), reading("after", 54.8)];
    expect(studyReadings({ readings, lockedRotorA: 100 }).verdict).toBe("less-than-expected");
    expect(studyReadings({ readings: [reading("before", 68.8), reading("after", 20.5)], lockedRotorA: 74 }).verdict).toBe("as-expected");
  });

  it("leaves out a first reading that no motor of this plate can draw", () => {
    const bounced = reading("before", 152.9);
    const study = studyReadings({ readings: [bounced, reading("before", 91.6), reading("after", 54.8)], lockedRotorA: 100 });
    expect(study.leftOut).toEqual([{ id: bounced.id, reason: "above-locked" }]);
    expect(study.start!.before).toMatchObject({ medianA: 91.6, count: 1 });
  });

  it("compares like only with like, and names what it left out", () => {
    const hold = reading("after", 18, { kind: "max-hold" });
    const onRun = reading("after", 15, { conductor: "run" });
    const study = studyReadings({ readings: [reading("before", 62), reading("after", 22), hold, onRun], lockedRotorA: 63 });
    expect(study.start).toMatchObject({ kind: "inrush", conductor: "common" });
    expect(study.start!.after.medianA).toBe(22);
    expect(study.leftOut.map((l) => l.reason)).toEqual(["unlike", "unlike"]);
  });

  it("claims nothing without a before reading, or when nothing is alike", () => {
    expect(studyReadings({ readings: [reading("after", 22)], lockedRotorA: 63 }).verdict).toBe("no-before");
    expect(studyReadings({ readings: [reading("before", 62)], lockedRotorA: 63 }).verdict).toBe("no-after");
    const unlike = [reading("before", 62), reading("after", 22, { kind: "max-hold" })];
    expect(studyReadings({ readings: unlike, lockedRotorA: 63 })).toMatchObject({ verdict: "nothing-alike", start: null });
    expect(studyReadings({ readings: [], lockedRotorA: null }).verdict).toBe("none");
  });

  it("drops an outlier of three, and flags running amps taken on the run winding", () => {
    const jerk = reading("before", 41);
    const low = reading("before", 7.5, { kind: "live", conductor: "run" });
    const before = [reading("before", 62), reading("before", 63), jerk, low, reading("before", 11.7, { kind: "live" })];
    const after = [reading("after", 22), reading("after", 11.8, { kind: "live" })];
    const study = studyReadings({ readings: [...before, ...after], lockedRotorA: 63 });
    expect(study.leftOut).toContainEqual({ id: jerk.id, reason: "outlier" });
    expect(study.leftOut).toContainEqual({ id: low.id, reason: "run-reads-low" });
    expect(study.start!.before).toMatchObject({ medianA: 62.5, count: 2 });
    expect(study.runningChanged).toBe(false);
    expect(study.few).toEqual(["before", "after"]);
  });

  it("compares on one source only, and takes a reading without a note of its source for either", () => {
    const shore = { sourceId: "shore" };
    const weak = reading("after", 27, { sourceId: "generator" });
    const study = studyReadings({
      readings: [reading("before", 62, shore), reading("before", 61), reading("after", 22, shore), weak],
      lockedRotorA: 63,
    });
    expect(study.start).toMatchObject({ before: { count: 2, medianA: 61.5 }, after: { count: 1, medianA: 22 } });
    expect(study.leftOut).toEqual([{ id: weak.id, reason: "unlike" }]);
    const apart = [reading("before", 62, shore), reading("after", 27, { sourceId: "generator" })];
    expect(studyReadings({ readings: apart, lockedRotorA: 63 }).verdict).toBe("nothing-alike");
  });

  it("leaves out a start that had not rested, which a stall's own current would flatter or spoil", () => {
    const hot = reading("before", 66, { restMin: 1 });
    const study = studyReadings({ readings: [hot, reading("before", 62, { restMin: 5 }), reading("after", 22)], lockedRotorA: 63 });
    expect(study.leftOut).toEqual([{ id: hot.id, reason: "not-rested" }]);
    expect(study.start!.before.medianA).toBe(62);
  });

  it("asks for a third reading where two disagree: one of them bounced", () => {
    const bounced = [reading("before", 118), reading("before", 84), reading("after", 30)];
    expect(studyReadings({ readings: bounced, lockedRotorA: 100 }).disagree).toEqual(["before"]);
    const third = [...bounced, reading("before", 86)];
    expect(studyReadings({ readings: third, lockedRotorA: 100 })).toMatchObject({
      disagree: [],
      start: { before: { medianA: 85, count: 2 } },
      leftOut: [{ reason: "outlier" }],
    });
  });

  it("brings the before side to the after side's volts, where both were read", () => {
    const readings = [reading("before", 60, { volts: 120 }), reading("after", 22, { volts: 108 })];
    const { start } = studyReadings({ readings, lockedRotorA: 63 });
    expect(start!.reduction).toBeCloseTo(1 - 22 / 60, 9);
    expect(start!.atSameVolts!.reduction).toBeCloseTo(1 - 22 / 54, 9);
    expect(studyReadings({ readings: [...readings, reading("after", 22)], lockedRotorA: 63 }).start!.atSameVolts).toBeNull();
  });

  it("never reports a reduction outside what its extremes allow", () => {
    const amps = fc.double({ min: 40, max: 60, noNaN: true });
    fc.assert(
      fc.property(fc.array(amps, { minLength: 1, maxLength: 6 }), fc.array(amps, { minLength: 1, maxLength: 6 }), (before, after) => {
        const readings = [...before.map((a) => reading("before", a)), ...after.map((a) => reading("after", a / 3))];
        const { reduction } = studyReadings({ readings, lockedRotorA: null }).start!;
        expect(reduction).toBeGreaterThanOrEqual(1 - Math.max(...after) / 3 / Math.min(...before) - 1e-12);
        expect(reduction).toBeLessThanOrEqual(1 - Math.min(...after) / 3 / Math.max(...before) + 1e-12);
      }),
      { seed: 5 },
    );
  });
});

describe("running amps against plate and weather", () => {
  const judge = (amps: number, ratedLoadA: number | null, expectedA: number | null) => judgeRunning({ amps, ratedLoadA, expectedA });

  it("are as expected within a fifth of what this air asks, high or low beyond, and never above the plate unseen", () => {
    expect(judge(11.9, 14.7, 11.5)).toBe("as-expected");
    expect(judge(14.2, 14.7, 11.5)).toBe("high");
    expect(judge(8.4, 14.7, 11.5)).toBe("low");
    expect(judge(16.9, 14.7, 16.5)).toBe("above-rated");
    expect(judge(12, 14.7, null)).toBe("not-known");
    expect(judge(17, 14.7, null)).toBe("above-rated");
  });
});
