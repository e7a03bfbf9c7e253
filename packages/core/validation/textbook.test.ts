import { describe, expect, it } from "vitest";
import { type Motor, steadyState, synchronousRadS } from "../src/device/compressor-motor/index.ts";
import { modulus } from "../src/numeric/index.ts";

/**
 * Fitzgerald, Kingsley, Umans, Electric Machinery: 1/4 hp, 110 V, 60 Hz, four-pole capacitor-start
 * motor running on its main winding at slip 0.05 (figures from memory).
 */
const MOTOR: Motor = { r1: 2.02, x1: 2.79, r2: 4.12, x2: 2.12, xm: 66.8, turnsRatio: 1, ra: 1, xa: 1, poles: 4, inertiaKgM2: 1, hz: 60 };
const CORE_AND_FRICTION_W = 24 + 13;
const SLIP = 0.05;

describe("textbook quarter-horsepower motor", () => {
  const radS = synchronousRadS(MOTOR) * (1 - SLIP);
  const state = steadyState(MOTOR, 110, radS, { capacitanceF: Number.POSITIVE_INFINITY, auxiliaryOn: false });
  const amps = modulus(state.lineA);

  it("draws 3.59 A at power factor 0.62", () => {
    expect(Math.abs(amps - 3.59)).toBeLessThan(0.02);
    expect(Math.abs(state.inputW / (110 * amps) - 0.62)).toBeLessThan(0.005);
  });

  it("gives 147 W and 0.82 N·m at 1710 r/min", () => {
    const outW = state.shaftW - CORE_AND_FRICTION_W;
    expect((radS * 30) / Math.PI).toBeCloseTo(1710, 6);
    expect(Math.abs(outW - 147)).toBeLessThan(1);
    expect(Math.abs(outW / radS - 0.82)).toBeLessThan(0.01);
  });
});
