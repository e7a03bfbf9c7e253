import { describe, expect, it } from "vitest";
import { CONDENSER, generatorStart, ROOFTOP, setStart, stiffStart } from "../../../validation/plates.ts";
import { afterStart, freshMemory } from "../../device/soft-starter/index.ts";
import { quantity } from "../../quantity/index.ts";
import type { StartCase } from "../motor-start/index.ts";
import { type LearningStudy, studyLearning } from "./index.ts";

function study(given: StartCase): LearningStudy {
  const done = studyLearning(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value;
}

const plate = (value: number) => quantity(value, "plate");
const LARGE = {
  plateVolts: 230,
  hz: 60,
  lockedRotorA: plate(125),
  ratedLoadA: plate(23.1),
  fanA: plate(1.4),
  runCapacitorF: plate(80e-6),
  startAidF: 0,
};

describe.each([
  ["13,500 BTU/h, 115 V", ROOFTOP],
  ["48,000 BTU/h, 230 V", { ...CONDENSER, fanA: plate(1.4) }],
])("a learning starter on %s", (_name, unit) => {
  const learned = study(stiffStart(unit, { kind: "soft" }));

  it("settles within about six starts, 55 to 75 % under direct, to within a hundredth", () => {
    expect(learned.settledAt).not.toBeNull();
    expect(learned.settledAt!).toBeLessThanOrEqual(7);
    const cut = 1 - learned.starts.at(-1)!.peakA / learned.directA;
    expect(cut).toBeGreaterThan(0.55);
    expect(cut).toBeLessThan(0.76);
  });

  it("falls start by start while it learns", () => {
    const peaks = learned.starts.map((s) => s.peakA);
    expect(peaks.slice(0, 4)).toEqual(peaks.slice(0, 4).toSorted((a, b) => b - a));
    expect(peaks[0]! / peaks.at(-1)!).toBeGreaterThan(1.3);
  });

  it("stalls on a restart without rest: that is why the rest matters", () => {
    expect(learned.restartsHot).toBe(false);
  });
});

describe("field figures: common practice, no source", () => {
  it("not yet learned, the peak is about 3.0 to 3.5 × running", () => {
    for (const unit of [ROOFTOP, LARGE]) {
      const { starts, runningA } = study(stiffStart(unit, { kind: "soft" }));
      const ratio = starts[0]!.peakA / runningA!;
      expect(ratio).toBeGreaterThan(2.4);
      expect(ratio).toBeLessThan(3.6);
    }
  });

  it("the first learning start of a 60,000 BTU/h unit is about 64.9 A with 20.8 A running", () => {
    const { starts, runningA } = study(stiffStart(LARGE, { kind: "soft" }));
    expect(Math.abs(starts[0]!.peakA / 64.9 - 1)).toBeLessThan(0.1);
    expect(Math.abs(runningA! / 20.8 - 1)).toBeLessThan(0.1);
  });

  it("125.4 A direct becomes about 35.8 A on a 48,000 BTU/h unit", () => {
    const { directA, starts } = study(stiffStart(CONDENSER, { kind: "soft" }));
    expect(Math.abs(directA / 125.4 - 1)).toBeLessThan(0.05);
    expect(Math.abs(starts.at(-1)!.peakA / 35.8 - 1)).toBeLessThan(0.25);
  });
});

describe("on a source that is too weak to learn on", () => {
  it("the starts that the source ends are told from those the starter ends", () => {
    const weak = study(generatorStart({ ...ROOFTOP, lockedRotorA: plate(90) }, { kind: "soft" }, 900, 1000));
    expect(weak.starts.some((s) => s.tripped)).toBe(true);
    const set = study(setStart(CONDENSER, { kind: "soft" }, 5500, 6875));
    expect(set.starts.every((s) => !s.tripped)).toBe(true);
  });
});

describe("the rule itself", () => {
  it("lowers after a fast start, keeps after a middling one, raises after a slow one or a stall", () => {
    const memory = freshMemory(63);
    expect(memory.limitA).toBeCloseTo(32.76, 9);
    expect(afterStart(memory, 0.5).limitA).toBeCloseTo(32.76 * 0.82, 9);
    expect(afterStart(memory, 0.9).limitA).toBeCloseTo(32.76, 9);
    expect(afterStart(memory, 1.3).limitA).toBeCloseTo(32.76 * 1.08, 9);
    expect(afterStart(memory, null)).toEqual({ limitA: 32.76 * 1.2, stalledA: 32.76 });
  });

  it("never comes near a limit that stalled again", () => {
    let memory = afterStart({ limitA: 20, stalledA: 0 }, null);
    for (let k = 0; k < 10; k++) memory = afterStart(memory, 0.3);
    expect(memory.limitA).toBeCloseTo(22, 9);
  });
});
