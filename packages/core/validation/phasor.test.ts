import { describe, expect, it } from "vitest";
import { runningAtTorque, steadyState } from "../src/device/compressor-motor/index.ts";
import { complex, modulus } from "../src/numeric/index.ts";
import { type MotorStartInput, simulate } from "../src/study/motor-start/index.ts";
import { REFERENCE_MOTOR, REFERENCE_START } from "./motors.ts";

const SERIES = complex(0.05, 2 * Math.PI * 60 * 1e-4);

function lastRms(input: MotorStartInput): number {
  const { rmsA } = simulate(input).meter;
  const last = rmsA.subarray(rmsA.length - 24);
  return Math.sqrt(last.reduce((sum, a) => sum + a * a, 0) / last.length);
}

describe("phasor solution against the time domain, within 0.5 %", () => {
  it("at standstill", () => {
    const held = { ...REFERENCE_START, motor: { ...REFERENCE_MOTOR, inertiaKgM2: 1e6 }, seconds: 2 };
    const phasor = modulus(steadyState(REFERENCE_MOTOR, 120, 0, { capacitanceF: 45e-6, series: SERIES }).lineA);
    expect(Math.abs(lastRms(held) / phasor - 1)).toBeLessThan(0.005);
  });

  it.each([1, 2.2, 3.3])("running at %d N·m", (torque) => {
    const steady = { ...REFERENCE_START, load: { ratedNm: torque, breakaway: 0.07, build: 0.93, buildRevs: 300 }, seconds: 9 };
    const phasor = runningAtTorque(REFERENCE_MOTOR, 120, torque, { capacitanceF: 45e-6, series: SERIES });
    expect(phasor.ok).toBe(true);
    if (!phasor.ok) return;
    expect(Math.abs(lastRms(steady) / modulus(phasor.value.lineA) - 1)).toBeLessThan(0.005);
  });
});
