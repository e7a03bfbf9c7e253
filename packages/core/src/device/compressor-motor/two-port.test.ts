import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { complex, modulus, multiply, subtract } from "../../numeric/index.ts";
import { prepare } from "../../study/motor-start/index.ts";
import { steadyState, synchronousRadS, torqueOfAmps, windingOhms, windingVolts } from "./index.ts";

const prepared = prepare(stiffStart(ROOFTOP, { kind: "direct" }));
if (!prepared.ok) throw new Error(prepared.reason);
const { motor, runCapacitorF } = prepared.value.input;
const near = (got: number, wanted: number): void => expect(Math.abs(got - wanted)).toBeLessThan(1e-9 * (1 + Math.abs(wanted)));

describe("both windings from outside", () => {
  it("have the volts, the capacitor’s share and the torque of the steady state, at any speed", () => {
    const property = fc.property(fc.double({ min: 0, max: 0.99, noNaN: true }), (share) => {
      const radS = share * synchronousRadS(motor);
      const state = steadyState(motor, 120, radS, { capacitanceF: runCapacitorF });
      const [main, auxiliary] = windingVolts(windingOhms(motor, radS), state.mainA, state.auxiliaryA);
      near(modulus(main), 120);
      const capacitor = multiply(complex(0, -1 / (2 * Math.PI * motor.hz * runCapacitorF)), state.auxiliaryA);
      near(modulus(subtract(complex(120), capacitor)), modulus(auxiliary));
      near(torqueOfAmps(motor, radS, state.mainA, state.auxiliaryA), state.torqueNm);
    });
    fc.assert(property, { seed: 5, numRuns: 60 });
  });

  it("are not coupled at standstill", () => {
    const { mainByAuxiliary, auxiliaryByMain } = windingOhms(motor, 0);
    expect(modulus(mainByAuxiliary) + modulus(auxiliaryByMain)).toBeLessThan(1e-12);
  });
});
