import { describe, expect, it } from "vitest";
import { CONDENSER, generatorStart, ROOFTOP, setStart, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import { assess } from "../assess/index.ts";
import type { Confidence } from "../confidence/index.ts";
import type { StartCase } from "./case.ts";
import { findingOf, prepare, type StartStudy, simulate, steadyRunning, studyStart } from "./index.ts";

const plate = (value: number) => quantity(value, "plate");
const ALL_WORK: Confidence = { trials: 100, holds: 100, starts: 100, share: 1, interval: [0.96, 1], rejectedShare: 0 };

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

/** A compressor against pressure that nobody saw start: it cannot turn. */
const NOT_RESTED = { ...ROOFTOP, seenToStart: false, load: { breakaway: 1.2 } };

describe("a compressor that was not rested", () => {
  it("stalls at its locked rotor amps", () => {
    const { result } = study(stiffStart(NOT_RESTED, { kind: "direct" }));
    expect(result).toMatchObject({ status: "stalled", reason: "below-speed", startS: null, running: null, run: null });
    expect(result.cycles.at(-1)!.rmsA).toBeGreaterThan(60);
    expect(result.endRadS).toBe(0);
    expect(result.start).toMatchObject({ by: "torque", availableA: null });
    expect(assess(result, null)).toMatchObject({ fit: "too-much", start: { fit: "too-much" }, run: null, decides: "start" });
    expect(result.findings[0]).toMatchObject({ code: "stalled", severity: "stop" });
  });

  it("then opens its own overload or its breaker, whichever is first: both are told, and what is shown agrees", () => {
    const on = (amps: number) => study(shore(NOT_RESTED, { kind: "direct" }, amps, { seconds: 10 })).result;
    const thin = on(10);
    const { overloadOpensS, breakerTripsS } = findingOf(thin.findings, "stalled")!.figures;
    expect(breakerTripsS!).toBeLessThan(overloadOpensS!);
    const wide = on(30);
    const told = findingOf(wide.findings, "stalled")!.figures;
    expect(told.overloadOpensS!).toBeLessThan(told.breakerTripsS!);
    expect(wide.events.trippedAtS!).toBeCloseTo(told.overloadOpensS!, 0);
    const at = wide.events.trippedAtS!;
    expect(wide.cycles.filter((c) => c.t > at + 0.02).every((c) => c.compressorA === 0)).toBe(true);
    expect(wide.cycles).toHaveLength(600);
  });
});

describe("room on a circuit", () => {
  it("is torque's or the breaker's, whichever is less; a start aid gives torque more of it", () => {
    const direct = study(shore(ROOFTOP, { kind: "direct" }, 20)).result;
    const hard = study(shore(ROOFTOP, { kind: "hard" }, 20)).result;
    expect(direct.start.by).toBe("torque");
    expect(hard.start.spareShare!).toBeGreaterThan(direct.start.spareShare! + 0.1);
    expect(hard.leastVolts!).toBeLessThan(direct.leastVolts! - 10);
    expect(study(shore(ROOFTOP, { kind: "direct" }, 8)).result.start.by).toBe("breaker");
  });

  it("is none where the least volts that do are the volts there are", () => {
    const { result } = study(stiffStart(ROOFTOP, { kind: "direct" }));
    const at = (volts: number) =>
      study({
        ...stiffStart(ROOFTOP, { kind: "direct" }),
        source: { kind: "ideal", volts: plate(volts), ohm: plate(0.05), henry: plate(1e-4) },
      }).result.status;
    expect(at(result.leastVolts! * 1.03)).toBe("started");
    expect(at(result.leastVolts! * 0.94)).toBe("stalled");
  });

  it("is what a breaker carries for three hours in running, and a rule of the code beside it caps the answer", () => {
    const wide = study(shore(ROOFTOP, { kind: "soft" }, 20)).result;
    expect(wide.run!.availableA!).toBeGreaterThan(20);
    expect(wide.findings).toEqual([]);
    const thin = study(shore(ROOFTOP, { kind: "soft" }, 15)).result;
    expect(thin.findings).toContainEqual(expect.objectContaining({ code: "rule-motor-share", severity: "warn" }));
    expect(assess(thin, { ...ALL_WORK })).toMatchObject({ fit: "just-fits", capped: true, decides: "run" });
    expect(assess(wide, { ...ALL_WORK })).toMatchObject({ fit: "fits", capped: false });
  });
});

describe("other loads", () => {
  it("take their share of limit, sag and every amp", () => {
    const alone = study(generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700)).result;
    const beside = study({ ...generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700), backgroundA: 4 }).result;
    expect(beside.run!.spareA!).toBeLessThan(alone.run!.spareA! - 3.5);
    expect(beside.start.neededA).toBeGreaterThan(alone.start.neededA + 2);
    expect(beside.running!.volts).toBeLessThan(alone.running!.volts);
    expect(Math.max(...beside.cycles.map((c) => c.compressorA))).toBeCloseTo(Math.max(...alone.cycles.map((c) => c.compressorA)), 0);
  });
});

describe("what an electronic source does", () => {
  it("holds the RMS current near its limit once it has folded back, and never above rated volts", () => {
    const { result } = study(generatorStart(ROOFTOP, { kind: "hard" }, 2200, 2700));
    const limit = result.start.availableA!;
    expect(findingOf(result.findings, "source-sags")!.figures.drawnA).toBeGreaterThan(2 * limit);
    expect(result.start.neededA).toBeLessThan(limit);
    const folded = result.cycles.slice(3).filter((c) => c.t < result.startS! * 0.8);
    expect(folded.length).toBeGreaterThan(5);
    for (const c of folded) expect(c.rmsA).toBeLessThan(limit * 1.05);
    expect(Math.max(...result.cycles.map((c) => c.volts))).toBeLessThan(120.5);
  });

  it("lets go a second after its voltage fell, not before", () => {
    const { result } = study(generatorStart(ROOFTOP, { kind: "direct" }, 1600, 2000));
    const { atS, sinceS, lowestShare } = findingOf(result.findings, "source-undervoltage")!.figures;
    expect(atS - sinceS).toBeGreaterThanOrEqual(1);
    expect(atS - sinceS).toBeLessThan(1.02);
    expect(lowestShare).toBeLessThan(0.8);
  });

  it("loses to height and heat what an engine loses, and nothing behind a battery", () => {
    const at = (kind: "inverter" | "inverter-generator") => {
      const base = generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700);
      return study({ ...base, source: { ...base.source, kind, altitudeM: 2000 } as StartCase["source"] }).result;
    };
    expect(at("inverter").run!.availableA!).toBeGreaterThan(at("inverter-generator").run!.availableA! * 1.15);
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
    expect(weak.result.findings.map((f) => f.code)).toContain("run-volts-too-low");
    expect(weak.result.run).toMatchObject({ by: "volts" });
    expect(assess(weak.result, null)).toMatchObject({ fit: "too-much", decides: "run", run: { fit: "too-much" } });
  });
});

describe("what a start used up", () => {
  const used = (given: StartCase) => Object.fromEntries(study(given).result.limits.map((l) => [l.code, l.share]));

  it("is each limit's share, over one exactly where the answer is no", () => {
    const small = study(generatorStart(ROOFTOP, { kind: "soft" }, 1600, 2000)).result;
    const shares = Object.fromEntries(small.limits.map((l) => [l.code, l.share]));
    expect(shares["run-limit"]!).toBeGreaterThan(1);
    expect(shares["start-current"]!).toBeLessThan(1);
    expect(shares["start-current"]!).toBeCloseTo(small.start.neededA / small.start.availableA!, 12);
    expect(used(shore(ROOFTOP, { kind: "direct" }, 20))["breaker-heat"]!).toBeGreaterThan(0.05);
    expect(used(stiffStart(ROOFTOP, { kind: "direct" }))["run-limit"]!).toBeLessThan(0.1);
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

describe("a run through time", () => {
  it("writes nothing outside the meter's arrays, and keeps every array full", () => {
    const prepared = prepare(stiffStart(ROOFTOP, { kind: "soft" }));
    if (!prepared.ok) throw new Error(prepared.reason);
    const trace = simulate({ ...prepared.value.input, seconds: 2 });
    expect(trace.halfCycles).toBe(240);
    for (const values of [trace.meter.rmsA, trace.meter.volts, trace.meter.watts, trace.meter.radS]) {
      expect(values.length).toBe(240);
      expect(values.every(Number.isFinite)).toBe(true);
    }
    const { squareSum } = trace.meter;
    for (let k = 1; k < squareSum.length; k++) expect(squareSum[k]!).toBeGreaterThanOrEqual(squareSum[k - 1]!);
    const total = trace.meter.rmsA.reduce((sum, a) => sum + a * a * trace.halfCycleS, 0);
    expect(squareSum.at(-1)!).toBeCloseTo(total, 6);
  });
});
