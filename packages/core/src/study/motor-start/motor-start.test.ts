import { describe, expect, it } from "vitest";
import { CONDENSER, generatorStart, ROOFTOP, setStart, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import type { StartCase } from "./case.ts";
import { prepare, type StartResult, type StartStudy, simulate, steadyRunning, studyStart } from "./index.ts";
import { judge } from "./verdict.ts";

const plate = (value: number) => quantity(value, "plate");

function study(given: StartCase): StartStudy {
  const done = studyStart(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value;
}

function shore(unit: StartCase["unit"], method: StartCase["method"], breakerA: number, more: Partial<StartCase> = {}): StartCase {
  return {
    ...stiffStart(unit, method),
    source: { kind: "shore", volts: plate(unit.plateVolts < 160 ? 120 : 240), breakerA: plate(breakerA) },
    ...more,
  };
}

/** A compressor against pressure: it cannot turn. */
const NOT_RESTED = { ...ROOFTOP, load: { breakaway: 1.2 } };

describe("a compressor that was not rested", () => {
  it("stalls at its locked rotor amps", () => {
    const { result, verdict } = study(stiffStart(NOT_RESTED, { kind: "direct" }));
    expect(result).toMatchObject({ status: "stalled", reason: "below-speed", startS: null, running: null, run: null });
    expect(result.cycles.at(-1)!.rmsA).toBeGreaterThan(60);
    expect(result.endRadS).toBe(0);
    expect(verdict).toMatchObject({ overall: "too-much", start: "too-much", run: "not-known", decides: "start" });
    expect(result.issues[0]).toMatchObject({ code: "stalled", severity: "stop" });
  });

  it("trips its breaker at the latest edge of the band; rows go on at nothing", () => {
    const { result } = study(shore(NOT_RESTED, { kind: "direct" }, 10, { seconds: 10 }));
    expect(result).toMatchObject({ status: "tripped", reason: "breaker-tripped" });
    const at = result.events.trippedAtS!;
    expect(at).toBeGreaterThan(4);
    expect(at).toBeLessThan(9);
    expect(result.cycles.filter((c) => c.t > at + 0.02).every((c) => c.rmsA === 0 && c.volts === 0)).toBe(true);
    expect(result.cycles.length).toBe(600);
  });

  it("may trip before that: the early edge is a warning, not an end", () => {
    const { result } = study(shore(NOT_RESTED, { kind: "direct" }, 15, { seconds: 4 }));
    expect(result.status).toBe("stalled");
    expect(result.issues.map((i) => i.code)).toContain("breaker-may-trip");
  });
});

describe("the wall a breaker makes", () => {
  it("is the current at which it may trip in the time the start takes: larger for a shorter start", () => {
    const direct = study(shore(ROOFTOP, { kind: "direct" }, 20)).result;
    const hard = study(shore(ROOFTOP, { kind: "hard" }, 20)).result;
    expect(hard.start.limitA!).toBeGreaterThan(direct.start.limitA!);
    expect(direct.start.limitA!).toBeGreaterThan(20);
  });

  it("is 80 % of its rating for hours", () => {
    expect(study(shore(ROOFTOP, { kind: "soft" }, 20)).result.run!.limitA).toBeCloseTo(16, 9);
    expect(study(shore(ROOFTOP, { kind: "soft" }, 15)).verdict.run).toBe("too-much");
  });
});

describe("other loads", () => {
  it("take their share of limit, sag and every amp", () => {
    const alone = study(generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700)).result;
    const beside = study({ ...generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700), backgroundA: 4 }).result;
    expect(beside.run!.marginA!).toBeLessThan(alone.run!.marginA! - 3.5);
    expect(beside.start.askedA).toBeGreaterThan(alone.start.askedA + 2);
    expect(beside.running!.volts).toBeLessThan(alone.running!.volts);
    expect(Math.max(...beside.cycles.map((c) => c.compressorA))).toBeCloseTo(Math.max(...alone.cycles.map((c) => c.compressorA)), 0);
  });
});

describe("what an electronic source does", () => {
  it("holds the RMS current near its limit once it has folded back, and never above rated volts", () => {
    const { result } = study(generatorStart(ROOFTOP, { kind: "hard" }, 2200, 2700));
    const limit = result.start.limitA!;
    expect(result.start.foldedBack).toBe(true);
    expect(result.start.askedA).toBeGreaterThan(limit);
    const folded = result.cycles.slice(3).filter((c) => c.t < result.startS! * 0.8);
    expect(folded.length).toBeGreaterThan(5);
    for (const c of folded) expect(c.rmsA).toBeLessThan(limit * 1.05);
    expect(Math.max(...result.cycles.map((c) => c.volts))).toBeLessThan(120.5);
  });

  it("lets go a second after its voltage fell, not before", () => {
    const { result } = study(generatorStart(ROOFTOP, { kind: "direct" }, 1600, 2000));
    const issue = result.issues.find((i) => i.code === "source-undervoltage")!;
    expect(issue.figures.atS! - issue.figures.sinceS!).toBeGreaterThanOrEqual(1);
    expect(issue.figures.atS! - issue.figures.sinceS!).toBeLessThan(1.02);
    expect(issue.figures.lowestShare!).toBeLessThan(0.8);
  });

  it("is a battery inverter when it loses nothing to height or heat", () => {
    const at = (kind: "inverter" | "inverter-generator") => {
      const base = generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700);
      return study({ ...base, source: { ...base.source, kind, altitudeM: 2000 } as StartCase["source"] }).result;
    };
    expect(at("inverter").start.limitA!).toBeCloseTo(33.75, 9);
    expect(at("inverter-generator").start.limitA!).toBeLessThan(28);
  });
});

describe("what is taken for granted", () => {
  it("is listed with its origin, and nothing twice", () => {
    const { assumptions } = study(
      generatorStart({ plateVolts: 115, hz: 60, startAidF: 0, ratedLoadA: plate(13) }, { kind: "soft" }, 2200, 2700),
    );
    const codes = assumptions.map((a) => a.code);
    expect(new Set(codes).size).toBe(codes.length);
    expect(codes).toEqual(
      expect.arrayContaining(["locked-amps", "running-amps", "run-capacitor", "motor-make-up", "starter-limit", "momentary-limit"]),
    );
    expect(assumptions.find((a) => a.code === "locked-amps")).toMatchObject({ value: 65, origin: "typical" });
  });

  it("shrinks as figures are measured, and the tolerance with it", () => {
    const guess = study(generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700));
    const known = study(generatorStart({ ...ROOFTOP, runningA: quantity(11.7, "measured") }, { kind: "soft" }, 2200, 2700));
    expect(known.result.run!.toleranceA).toBeLessThan(guess.result.run!.toleranceA * 0.8);
    expect(known.result.running!.compressorA).toBeGreaterThan(11);
    expect(known.result.running!.compressorA).toBeLessThan(11.8);
  });

  it("needs at least one of the plate's amps, and watts of a generator", () => {
    const bare = { plateVolts: 115, hz: 60, startAidF: 0 };
    expect(studyStart(stiffStart(bare, { kind: "direct" }))).toMatchObject({ ok: false, reason: "needs-amps" });
    const base = generatorStart(ROOFTOP, { kind: "direct" }, 1, 1);
    const { kind, volts, altitudeM } = base.source as Extract<StartCase["source"], { altitudeM: number }>;
    expect(studyStart({ ...base, source: { kind, volts, altitudeM } })).toMatchObject({ ok: false, reason: "needs-watts" });
  });
});

describe("running", () => {
  it("at plate volts draws exactly the expected amps at 95 °F", () => {
    for (const unit of [ROOFTOP, CONDENSER]) {
      const prepared = prepare({ ...stiffStart(unit, { kind: "direct" }), source: { kind: "ideal", volts: plate(unit.plateVolts) } });
      if (!prepared.ok) throw new Error(prepared.reason);
      const rated = unit.ratedLoadA?.value ?? unit.lockedRotorA!.value / 5;
      expect(steadyRunning(prepared.value.input)!.compressorA).toBeCloseTo(0.9 * rated, 4);
    }
  });

  it("is impossible behind a long thin cord, and said so", () => {
    const base = stiffStart(ROOFTOP, { kind: "direct" });
    const prepared = prepare({ ...base, source: { kind: "shore", volts: plate(120), ohm: plate(5) } });
    if (!prepared.ok) throw new Error(prepared.reason);
    expect(steadyRunning(prepared.value.input)).toBeNull();
  });

  it("on low volts is stopped by the plate's own limit", () => {
    const weak = study({ ...stiffStart(ROOFTOP, { kind: "soft" }), source: { kind: "shore", volts: plate(108), ohm: plate(0.4) } });
    expect(weak.result.issues.map((i) => i.code)).toContain("run-volts-too-low");
    expect(weak.verdict.run).toBe("too-much");
  });
});

describe("what a start used up", () => {
  const used = (given: StartCase) => Object.fromEntries(study(given).result.limits.map((l) => [l.code, l.share]));

  it("is each limit's share, over one exactly where the answer is no", () => {
    const small = study(generatorStart(ROOFTOP, { kind: "soft" }, 1600, 2000)).result;
    const shares = Object.fromEntries(small.limits.map((l) => [l.code, l.share]));
    expect(shares["run-limit"]!).toBeGreaterThan(1);
    expect(shares["start-current"]!).toBeLessThan(1);
    expect(shares["start-current"]!).toBeCloseTo(small.start.askedA / small.start.limitA!, 12);
    expect(used(shore(ROOFTOP, { kind: "direct" }, 20))["breaker-heat"]!).toBeGreaterThan(0.05);
    expect(used(stiffStart(ROOFTOP, { kind: "direct" }))).not.toHaveProperty("run-limit");
  });

  it("grows as an engine sags, and passes one where it stalls", () => {
    const share = (watts: number): number => used(setStart(CONDENSER, { kind: "direct" }, watts, watts * 1.25))["engine-speed"]!;
    expect(share(9000)).toBeLessThan(1);
    expect(share(5500)).toBeGreaterThan(1);
  });

  it("is energy and time above running that a longer start has more of", () => {
    const direct = study(stiffStart(ROOFTOP, { kind: "direct" })).result;
    const hard = study(stiffStart(ROOFTOP, { kind: "hard" })).result;
    expect(direct.energyJ).toBeGreaterThan(hard.energyJ);
    expect(direct.aboveRunningS!).toBeGreaterThan(hard.aboveRunningS!);
    expect(direct.aboveRunningS!).toBeGreaterThan(direct.startS! * 0.8);
    expect(study(stiffStart(NOT_RESTED, { kind: "direct" })).result.aboveRunningS).toBeNull();
  });
});

describe("the verdict", () => {
  const base = study(generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700)).result;
  const gap = (marginA: number, toleranceA = 1) => ({ askedA: 20, limitA: 20 + marginA, marginA, toleranceA, foldedBack: false });
  const of = (change: Partial<StartResult>) => judge({ ...base, issues: [], ...change });

  it.each([
    [gap(5), gap(3), { overall: "fits", decides: "run" }],
    [gap(2), gap(3), { overall: "fits", decides: "start" }],
    [gap(5), gap(0.5), { overall: "just-fits", decides: "run" }],
    [gap(0.5), gap(3), { overall: "just-fits", decides: "start" }],
    [gap(5), gap(-0.1), { overall: "too-much", decides: "run" }],
    [gap(0), gap(3), { overall: "just-fits", decides: "start" }],
    [{ ...gap(-9), foldedBack: true }, gap(3), { overall: "just-fits", decides: "start" }],
  ])("of start %j and run %j", (start, run, verdict) => {
    expect(of({ start, run })).toMatchObject(verdict);
  });

  it("is too much whenever it did not start, whatever the margins", () => {
    expect(of({ status: "stalled", start: gap(9), run: null })).toMatchObject({ overall: "too-much", decides: "start" });
  });
});

describe("a run through time", () => {
  it("writes nothing outside the meter's arrays, and keeps every array full", () => {
    const prepared = prepare(stiffStart(ROOFTOP, { kind: "soft" }));
    if (!prepared.ok) throw new Error(prepared.reason);
    const trace = simulate({ ...prepared.value.input, seconds: 0.5 });
    expect(trace.halfCycles).toBe(60);
    for (const values of [trace.meter.rmsA, trace.meter.volts, trace.meter.watts, trace.meter.radS]) {
      expect(values.length).toBe(60);
      expect(values.every(Number.isFinite)).toBe(true);
    }
    const { squareSum } = trace.meter;
    for (let k = 1; k < squareSum.length; k++) expect(squareSum[k]!).toBeGreaterThanOrEqual(squareSum[k - 1]!);
    const total = trace.meter.rmsA.reduce((sum, a) => sum + a * a * trace.halfCycleS, 0);
    expect(squareSum.at(-1)!).toBeCloseTo(total, 6);
  });
});
