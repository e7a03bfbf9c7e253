import { describe, expect, it } from "vitest";
import { sensitivities, studyStart, thresholds } from "../src/study/motor-start/index.ts";
import { generatorStart, ROOFTOP, stiffStart } from "./plates.ts";

const GIVEN = { ...generatorStart(ROOFTOP, { kind: "soft" }, 1900, 2400), outdoorC: 30 };
const overall = (given: typeof GIVEN): string => {
  const study = studyStart(given);
  return study.ok ? study.value.verdict.overall : study.reason;
};

describe("where the answer turns", () => {
  it("is yes just below and no just above", () => {
    const { outdoorC, altitudeM } = thresholds(GIVEN);
    expect(overall({ ...GIVEN, outdoorC: outdoorC! - 0.3 })).not.toBe("too-much");
    expect(overall({ ...GIVEN, outdoorC: outdoorC! + 0.3 })).toBe("too-much");
    const at = (m: number) => overall({ ...GIVEN, source: { ...GIVEN.source, altitudeM: m } as typeof GIVEN.source });
    expect(at(altitudeM! - 15)).not.toBe("too-much");
    expect(at(altitudeM! + 15)).toBe("too-much");
  });

  it("is nowhere on a circuit without a breaker", () => {
    expect(thresholds(stiffStart(ROOFTOP, { kind: "soft" }))).toEqual({ outdoorC: null, altitudeM: null });
  });
});

describe("what to measure next", () => {
  it("is the running amps where running decides, and narrows once measured", () => {
    const [first] = sensitivities(GIVEN);
    expect(first).toMatchObject({ code: "running-amps" });
    expect(first!.measuredA).toBeLessThan(first!.nowA / 2);
  });

  it("is nothing once everything is measured", () => {
    const measured = (value: number) => ({ value, origin: "measured" as const, tolerance: 0.03 });
    const unit = { ...ROOFTOP, runningA: measured(11.7), lockedRotorA: measured(62), runCapacitorF: measured(44e-6) };
    expect(sensitivities({ ...GIVEN, unit })).toEqual([]);
  });
});
