import { Solver } from "odex";
import { describe, expect, it } from "vitest";
import { STATE, STATE_SIZE } from "../src/device/compressor-motor/index.ts";
import { assemble } from "../src/study/motor-start/plant.ts";
import { REFERENCE_START } from "./motors.ts";

describe("the integrator against an extrapolation solver (E. Hairer's ODEX)", () => {
  const { plant } = assemble(REFERENCE_START);

  const reference = (end: number): number[] => {
    const solver = new Solver(STATE_SIZE);
    solver.absoluteTolerance = 1e-9;
    solver.relativeTolerance = 1e-9;
    solver.maxSteps = 1_000_000;
    const y = new Float64Array(STATE_SIZE);
    const rate = new Float64Array(STATE_SIZE);
    const run = solver.solve(
      (t, state) => {
        y.set(state);
        plant.motor.rate(plant.source.emf(t), y, rate);
        return Array.from(rate);
      },
      0,
      new Array<number>(STATE_SIZE).fill(0),
      end,
    );
    return run.y;
  };

  const ours = (end: number): Float64Array => {
    const y = new Float64Array(STATE_SIZE);
    const steps = Math.round(end * 120 * REFERENCE_START.stepsPerHalfCycle);
    const h = end / steps;
    for (let k = 0; k < steps; k++) {
      const { motor, source } = plant;
      motor.step(y, source.emf(k * h), source.emf((k + 0.5) * h), source.emf((k + 1) * h), h, y);
    }
    return y;
  };

  it.each([0.05, 0.2, 0.35, 0.8])("has the same currents and speed at %d s", (end) => {
    const theirs = reference(end);
    const mine = ours(end);
    for (const current of [STATE.iq, STATE.id, STATE.iqr, STATE.idr])
      expect(Math.abs(mine[current]! - theirs[current]!)).toBeLessThan(0.05);
    expect(Math.abs(mine[STATE.radS]! - theirs[STATE.radS]!)).toBeLessThan(0.06);
    expect(Math.abs(mine[STATE.capacitorV]! - theirs[STATE.capacitorV]!)).toBeLessThan(0.1);
  });
});
