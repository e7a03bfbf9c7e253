import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SeededRandom } from "../../numeric/index.ts";
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

  it("calls 40 % less than expected once three a side show it, and not on one reading a side", () => {
    const readings = [reading("before", 91.6), reading("after", 54.8)];
    expect(studyReadings({ readings, lockedRotorA: 100 }).verdict).toBe("cannot-tell");
    const more = [92.1, 90.8].map((a) => reading("before", a)).concat([54.2, 55.3].map((a) => reading("after", a)));
    expect(studyReadings({ readings: [...readings, ...more], lockedRotorA: 100 }).verdict).toBe("less-than-expected");
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
    const noted = { kind: "live", outdoorC: 33, volts: 118 } as const;
    const before = [reading("before", 62), reading("before", 63), jerk, low, reading("before", 11.7, noted)];
    const after = [reading("after", 22), reading("after", 11.8, noted)];
    const study = studyReadings({ readings: [...before, ...after], lockedRotorA: 63 });
    expect(study.leftOut).toContainEqual({ id: jerk.id, reason: "outlier" });
    expect(study.leftOut).toContainEqual({ id: low.id, reason: "run-reads-low" });
    expect(study.start!.before).toMatchObject({ medianA: 62.5, count: 2 });
    expect(study.running!.verdict).toBe("same");
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

describe("what the range of a reduction rests on", () => {
  const random = new SeededRandom(8);
  const normal = (): number => random.bell() + random.bell() + random.bell();

  it("calls a true 65 % less than expected in fewer than 2 of 100 jobs, whatever the number of readings", () => {
    for (const count of [1, 2, 3, 5]) {
      let less = 0;
      for (let job = 0; job < 200; job++) {
        const side = (when: "before" | "after", amps: number) =>
          Array.from({ length: count }, () => {
            const gross = random.next() < 0.1 ? random.between(0.5, 1.6) : 1;
            return reading(when, amps * gross * Math.exp(0.03 * normal()) * (1 + 0.015 * normal()), { kind: "app" });
          });
        if (studyReadings({ readings: [...side("before", 60), ...side("after", 21)], lockedRotorA: null }).verdict === "less-than-expected")
          less += 1;
      }
      expect(less).toBeLessThan(4);
    }
  });

  it("is wide for one reading a side, narrows with three, and never leaves out the middle", () => {
    const width = (count: number): number => {
      const readings = Array.from({ length: count }, (_, k) => [reading("before", 60 + k / 5), reading("after", 21 - k / 10)]).flat();
      const { low, reduction, high } = studyReadings({ readings, lockedRotorA: null }).start!;
      expect(low).toBeLessThanOrEqual(reduction);
      expect(high).toBeGreaterThanOrEqual(reduction);
      return high - low;
    };
    expect(width(3)).toBeLessThan(width(1) / 3);
    expect(width(5)).toBeLessThan(width(3));
  });

  it("counts the error of two meters, or of meters nobody noted, and of one meter none", () => {
    const readings = (before: string, after: string): ClampReading[] =>
      [60, 60.4, 59.8].flatMap((a) => [reading("before", a, { meter: before }), reading("after", a / 3, { meter: after })]);
    const of = (before: string, after: string) => studyReadings({ readings: readings(before, after), lockedRotorA: null }).start!;
    const [one, two, none] = [of("m1", "M1 "), of("m1", "m2"), of("", "m2")];
    expect([one.meters, two.meters, none.meters]).toEqual(["same", "different", "not-noted"]);
    expect(two.high - two.low).toBeGreaterThan(1.1 * (one.high - one.low));
    expect(none.high).toBeCloseTo(two.high, 12);
  });

  it("takes what the model expects of this unit, which tells a gross reading from a true one", () => {
    const expected = {
      kind: "inrush" as const,
      conductor: "common" as const,
      before: { middle: 60, low: 55, high: 65 },
      after: { middle: 20, low: 15, high: 27 },
      reduction: { middle: 0.67, low: 0.55, high: 0.76 },
    };
    const study = (amps: number) =>
      studyReadings({ readings: [reading("before", amps), reading("after", 20)], lockedRotorA: 63, expected });
    expect(study(61).start!.high - study(61).start!.low).toBeLessThan(0.2);
    expect(study(31).start!.high).toBeGreaterThan(0.6);
    expect(study(61)).toMatchObject({ verdict: "as-expected", expected: { low: 0.55, high: 0.76, ofUnit: true } });
  });

  it("prefers what sees the whole of a ramp to the first 100 ms where both were read", () => {
    const both = ["before", "after"].flatMap((when) =>
      (["inrush", "max-hold"] as const).map((kind) => reading(when as "before", when === "before" ? 60 : 20, { kind })),
    );
    expect(studyReadings({ readings: both, lockedRotorA: 63 }).start!.kind).toBe("max-hold");
    const more = [...both, reading("before", 61), reading("after", 19)];
    expect(studyReadings({ readings: more, lockedRotorA: 63 }).start!.kind).toBe("inrush");
  });

  it("refuses the start winding for every kind", () => {
    const kinds = ["inrush", "max-hold", "app", "live"] as const;
    const readings = kinds.map((kind) => reading("before", 9, { kind, conductor: "start" }));
    expect(studyReadings({ readings, lockedRotorA: 63 }).leftOut.map((l) => l.reason)).toEqual(kinds.map(() => "start-winding"));
  });
});

describe("running amps before and after", () => {
  const live = (when: "before" | "after", amps: number, more: Partial<ClampReading> = {}) =>
    [0, 0.1, -0.1].map((d) => reading(when, amps + d, { kind: "live", meter: "m1", ...more }));
  const running = (...readings: readonly ClampReading[]) => studyReadings({ readings, lockedRotorA: 63 }).running!;

  it("are the same once 6 °F and 4 V are allowed for, which raise them by a tenth", () => {
    const before = live("before", 11, { outdoorC: 30, volts: 118 });
    const after = live("after", 11 * 1.055 * (118 / 114), { outdoorC: 33.3, volts: 114 });
    const found = running(...before, ...after);
    expect(found).toMatchObject({ verdict: "same", missing: [] });
    expect(Math.abs(found.change.middle)).toBeLessThan(0.02);
  });

  it("cannot be told apart from the weather where nobody noted it, and are never called changed for it", () => {
    const found = running(...live("before", 11), ...live("after", 11.7));
    expect(found.missing).toEqual(["air", "volts"]);
    expect(found.verdict).not.toBe("changed");
    expect(found.change.high - found.change.low).toBeGreaterThan(0.2);
  });

  it("are changed where air and volts do not explain it", () => {
    const noted = { outdoorC: 33, volts: 118 };
    expect(running(...live("before", 11, noted), ...live("after", 13.5, noted)).verdict).toBe("changed");
    expect(running(...live("before", 11, noted), ...live("after", 11.2, noted)).verdict).toBe("same");
  });

  it("of visits seasons apart leave the weather more to explain", () => {
    const readings = [...live("before", 11), ...live("after", 11.5)];
    const width = (seasonsApart: boolean) => {
      const { change } = studyReadings({ readings, lockedRotorA: null, seasonsApart }).running!;
      return change.high - change.low;
    };
    expect(width(true)).toBeGreaterThan(1.5 * width(false));
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
