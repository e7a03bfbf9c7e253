import { describe, expect, it } from "vitest";
import { ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
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
const START = stiffStart(ROOFTOP, { kind: "as-found" });

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
    const again = studyStart({ ...START, unit: refined(ROOFTOP, found) });
    const plain = studyStart(START);
    if (!again.ok || !plain.ok) throw new Error("no study");
    const off = Math.abs(again.value.result.startS! - real.startS!);
    expect(off).toBeLessThan(0.05);
    expect(off).toBeLessThan(Math.abs(plain.value.result.startS! - real.startS!));
  });

  it("takes the windings' ohm as measured: run and start winding come out exactly", () => {
    const found = done({ windings: { mainOhm: 0.9, startOhm: 3.8 }, readings });
    const again = prepare({ ...START, unit: refined(ROOFTOP, found) });
    if (!again.ok) throw new Error(again.reason);
    const { machine } = again.value.input;
    expect(machine.ra / machine.r1).toBeCloseTo(3.8 / 0.9, 6);
    expect(Math.abs(machine.r1 / 0.9 - 1)).toBeLessThan(0.06);
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
