import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import { recordWindings } from "../clamp/index.ts";
import { summarise, tryBatch } from "../confidence/index.ts";
import { prepare, type StartCase, type StartResult, studyStart, type UnitCase } from "../motor-start/index.ts";
import { type Calibration, type CalibrationInput, calibrate, type MeasuredReading, refined } from "./index.ts";

const stated = (value: number) => quantity(value, "measured");
/** The unit as it truly is, which its plate only says roughly. */
const TRUE_UNIT: UnitCase = {
  ...ROOFTOP,
  lockedRotorA: stated(58),
  runningA: stated(11),
  split: { inertiaPerShaftW: 1.25e-6, lockedPowerFactor: 0.7, rotorShare: 0.42, startOverRunOhm: 4.5 },
};
const FED = stiffStart(ROOFTOP, { kind: "as-found" });
const START: StartCase = { ...FED, source: { ...FED.source, volts: stated(120), ohm: stated(0.05) } };

function truly(method: StartCase["method"] = { kind: "as-found" }): StartResult {
  const done = studyStart({ ...START, unit: { ...TRUE_UNIT, fanA: stated(0) }, method });
  if (!done.ok) throw new Error(done.reason);
  return done.value.result;
}

const reading = (id: string, kind: MeasuredReading["kind"], amps: number, more: Partial<MeasuredReading> = {}): MeasuredReading => ({
  id,
  kind,
  amps,
  conductor: "common",
  start: START,
  ...more,
});

function done(input: Partial<CalibrationInput>): Calibration {
  const found = calibrate({ unit: ROOFTOP, readings: [], ...input });
  if (!found.ok) throw new Error(`${found.reason} ${found.where}`);
  return found.value;
}

const rmsOf = (amps: ArrayLike<number>): number => Math.sqrt(Array.from(amps).reduce((sum, a) => sum + a * a, 0) / amps.length);

describe("calibration", () => {
  const real = truly();
  const readings = [
    reading("a", "inrush", real.peak.inrush100msA * 1.01),
    reading("b", "inrush", real.peak.inrush100msA * 0.99),
    reading("c", "live", real.running!.totalA),
  ];
  const usual = done({ readings });

  it("moves locked rotor and running amps from the plate towards the truth, and shows smaller residuals", () => {
    expect(Math.abs(usual.lockedRotorA.value / 58 - 1)).toBeLessThan(0.03);
    expect(Math.abs(usual.runningA.value / 11 - 1)).toBeLessThan(0.02);
    expect(usual.lockedRotorA.origin).toBe("measured");
    expect(usual.residual).toBeLessThan(usual.plateResidual / 3);
    expect(usual.lockedRotorA.tolerance).toBeLessThan(0.05);
    for (const row of usual.rows) expect(row).toMatchObject({ refused: null });
  });

  it("finds the inertia from a waveform: the refined start takes as long as the true one", () => {
    const cycles = real.cycles.slice(0, 40).map(({ t, rmsA }) => ({ t, rmsA }));
    const found = done({ readings, waveforms: [{ id: "w", conductor: "common", cycles, start: START }] });
    expect(found.simulated).toBeLessThan(1000);
    const again = studyStart({ ...START, unit: refined(ROOFTOP, found) });
    const plain = studyStart(START);
    if (!again.ok || !plain.ok) throw new Error("no study");
    const off = Math.abs(again.value.result.startS! - real.startS!);
    expect(off).toBeLessThan(0.05);
    expect(off).toBeLessThan(Math.abs(plain.value.result.startS! - real.startS!));
  });

  it("finds a heavier rotor from the time to speed alone, and lets the ear move it further than a count", () => {
    const slow = studyStart({ ...START, unit: { ...ROOFTOP, split: { inertiaPerShaftW: (0.0012 / 1250) * 1.35 }, fanA: stated(0) } });
    if (!slow.ok) throw new Error(slow.reason);
    const toSpeedS = slow.value.result.startS!;
    const by = (how: "ear" | "count") => done({ timings: [{ id: "t", toSpeedS, by: how, start: START }] });
    const [ear, count] = [by("ear"), by("count")];
    expect(ear.inertiaShare.value).toBeGreaterThan(1.05);
    expect(count.inertiaShare.value).toBeGreaterThan(1);
    expect(count.inertiaShare.value).toBeLessThan(ear.inertiaShare.value);
    expect(ear.inertiaShare.tolerance).toBeLessThan(count.inertiaShare.tolerance);
    const again = studyStart({ ...START, unit: refined(ROOFTOP, ear) });
    const plain = studyStart(START);
    if (!again.ok || !plain.ok) throw new Error("no study");
    expect(Math.abs(again.value.result.startS! - toSpeedS)).toBeLessThan(Math.abs(plain.value.result.startS! - toSpeedS));
  });

  it("takes the windings' ohm as measured: run and start winding come out exactly", () => {
    const found = done({ windings: { mainOhm: 0.9, startOhm: 3.8 }, readings });
    const again = prepare({ ...START, unit: refined(ROOFTOP, found) });
    if (!again.ok) throw new Error(again.reason);
    const { motor } = again.value.input;
    expect(motor.ra / motor.r1).toBeCloseTo(3.8 / 0.9, 6);
    expect(Math.abs(motor.r1 / 0.9 - 1)).toBeLessThan(0.08);
  });

  it.each([
    [1.08, 0.94, 1.2],
    [0.93, 1.07, 0.85],
    [0.98, 1.02, 1.25],
  ])(
    "gets a motor back within one in a hundred from a trace without noise: locked ×%f, running ×%f, inertia ×%f",
    (locked, running, inertia) => {
      const typical = 0.0012 / 1250;
      const unit: UnitCase = {
        ...ROOFTOP,
        lockedRotorA: stated(63 * locked),
        runningA: stated(0.9 * 13.2 * running),
        split: { inertiaPerShaftW: typical * inertia },
        fanA: stated(0),
      };
      const made = studyStart({ ...START, unit, seconds: 2 });
      if (!made.ok) throw new Error(made.reason);
      const cycles = made.value.result.cycles.map(({ t, rmsA }) => ({ t, rmsA }));
      const live = reading("l", "live", made.value.result.running!.totalA, { tolerance: 0 });
      const waveforms = [{ id: "w", conductor: "common" as const, cycles, start: START, tolerance: 0 }];
      const found = done({ readings: [live], waveforms });
      expect(Math.abs(found.lockedRotorA.value / (63 * locked) - 1)).toBeLessThan(0.01);
      expect(Math.abs(found.runningA.value / (0.9 * 13.2 * running) - 1)).toBeLessThan(0.01);
      const prepared = prepare({ ...START, unit });
      if (!prepared.ok) throw new Error(prepared.reason);
      expect(Math.abs(found.inertiaKgM2.value / prepared.value.input.motor.inertiaKgM2 - 1)).toBeLessThan(0.02);
    },
  );

  it("takes a reading by its own volts: 8 V low at the outlet is not a weaker motor", () => {
    const low = studyStart({
      ...START,
      unit: { ...TRUE_UNIT, fanA: stated(0) },
      source: { ...START.source, volts: stated(110) } as StartCase["source"],
    });
    if (!low.ok) throw new Error(low.reason);
    const amps = low.value.result.peak.inrush100msA;
    const nobodyRead = [1, 2, 3].map((k) => reading(`n${k}`, "inrush", amps, { start: FED }));
    const read = nobodyRead.map((r) => ({ ...r, volts: 110, loadedVolts: 110 - 0.05 * amps }));
    const off = (readings: readonly MeasuredReading[]): number => Math.abs(done({ readings }).lockedRotorA.value / 58 - 1);
    expect(off(read)).toBeLessThan(0.02);
    expect(off(nobodyRead)).toBeGreaterThan(off(read));
    const range = (readings: readonly MeasuredReading[]): number => done({ readings }).lockedRotorA.tolerance;
    expect(range(nobodyRead)).toBeGreaterThan(1.2 * range(read));
  });

  it("recognises live amps that were the run winding’s, and is moved by them far less", () => {
    const recorded = prepare({ ...START, unit: { ...TRUE_UNIT, fanA: stated(0) }, seconds: 5 });
    if (!recorded.ok) throw new Error(recorded.reason);
    const { amps } = recordWindings(recorded.value.input);
    const share = rmsOf(amps.run.subarray(-2000)) / rmsOf(amps.common.subarray(-2000));
    const onRun = [1, 2].map((k) => reading(`run${k}`, "live", real.running!.totalA * share));
    const found = done({ readings: [...readings.slice(0, 2), ...onRun] });
    expect(found.rows.filter((r) => r.id.startsWith("run")).map((r) => r.refused)).toEqual(["looks-like-run", "looks-like-run"]);
    expect(Math.abs(found.runningA.value / 11 - 1)).toBeLessThan(0.1);
  });

  it("refuses readings that contradict each other", () => {
    const two = [reading("a", "inrush", 42, { meter: "m" }), reading("b", "inrush", 62, { meter: "m" })];
    expect(calibrate({ unit: ROOFTOP, readings: two })).toMatchObject({ ok: false, reason: "readings-contradict" });
  });

  it("widens what it gives where the readings scatter more than they should", () => {
    const spread = (by: number) =>
      done({ readings: [-2, -1, 0, 1, 2].map((k) => reading(`s${k}`, "inrush", real.peak.inrush100msA * (1 + k * by), { meter: "m" })) })
        .lockedRotorA;
    expect(spread(0.03).tolerance).toBeGreaterThan(1.15 * spread(0.005).tolerance);
  });

  it("is told by windings and by inertia alike in the tries: two opposite make-ups do not give the same answer", () => {
    const tried = (unit: UnitCase): number => {
      const batch = tryBatch({ ...generatorStart(unit, { kind: "as-found" }, 2500, 3700) }, 1, 0, 150);
      if (!batch.ok) throw new Error(batch.reason);
      return summarise([batch.value]).share;
    };
    const wound = (mainOhm: number, startOhm: number): UnitCase => ({
      ...ROOFTOP,
      windings: { mainOhm: stated(mainOhm), startOhm: stated(startOhm) },
    });
    expect(Math.abs(tried(wound(0.66, 2.2)) - tried(wound(0.95, 4.4)))).toBeGreaterThan(0.05);
    const frame = (unit: UnitCase): number => {
      const prepared = prepare({ ...START, unit });
      if (!prepared.ok) throw new Error(prepared.reason);
      return prepared.value.input.motor.ra / prepared.value.input.motor.r1;
    };
    expect(frame(wound(0.8, 3.2))).toBeCloseTo(4, 6);
  });

  it("keeps the plate where windings alone are known", () => {
    const found = done({ windings: { mainOhm: 0.8, startOhm: 3 } });
    expect(found.lockedRotorA.value).toBeCloseTo(63, 1);
    expect(found.lockedRotorA.origin).toBe("plate");
  });

  it.each([
    ["not-on-common", { conductor: "run" }],
    ["not-a-direct-start", { start: { ...START, method: { kind: "soft" } } }],
    ["far-from-plate", { amps: 152.9 }],
  ] as const)("refuses a reading %s and is not moved by it", (refused, change) => {
    const odd = { ...reading("odd", "inrush", 60), ...change } as MeasuredReading;
    const found = done({ readings: [...readings, odd] });
    expect(found.rows.find((r) => r.id === "odd")!.refused).toBe(refused);
    expect(found.lockedRotorA.value).toBeCloseTo(usual.lockedRotorA.value, 6);
  });

  it("names a reading that disagrees with the others as an outlier", () => {
    const odd = reading("odd", "inrush", real.peak.inrush100msA * 1.4);
    const found = done({ readings: [...readings, reading("d", "inrush", real.peak.inrush100msA), odd] });
    expect(found.rows.find((r) => r.id === "odd")!.refused).toBe("outlier");
  });

  it.each([
    ["nothing-usable", { readings: [reading("r", "inrush", 300)] }],
    ["nothing-usable", { readings: [] }],
    ["start-over-run", { windings: { mainOhm: 2, startOhm: 1 } }],
    ["main-against-locked", { windings: { mainOhm: 30, startOhm: 90 } }],
  ] as const)("fails with %s on nonsense", (reason, input) => {
    expect(calibrate({ unit: ROOFTOP, ...{ readings: [] }, ...input })).toMatchObject({ ok: false, reason });
  });

  it("fails when many readings together contradict the plate", () => {
    const many = Array.from({ length: 12 }, (_, i) => reading(`r${i}`, "inrush", real.peak.inrush100msA * 1.69));
    expect(calibrate({ unit: ROOFTOP, readings: many })).toMatchObject({ ok: false, reason: "contradicts-plate" });
  });

  it("gives the same answer twice", () => {
    expect(done({ readings })).toEqual(usual);
  });
});
