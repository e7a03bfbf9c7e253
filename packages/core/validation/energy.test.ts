import { describe, expect, it } from "vitest";
import { loadTorqueNm, MotorEquations, STATE } from "../src/device/compressor-motor/index.ts";
import { type OdeSystem, RungeKutta4 } from "../src/numeric/index.ts";
import { REFERENCE_MOTOR as M, REFERENCE_START } from "./motors.ts";

const { load, runCapacitorF } = REFERENCE_START;
const W = 2 * Math.PI * M.hz;

/** The motor on a stiff source with its energy flows as further states: in, copper, load. */
class Ledger implements OdeSystem {
  readonly size = 10;
  private readonly motor: MotorEquations;
  constructor() {
    this.motor = new MotorEquations(M, load, 0, 0);
    this.motor.setCapacitance(runCapacitorF);
  }
  derivative(t: number, y: Float64Array, rate: Float64Array): void {
    const volts = 120 * Math.SQRT2 * Math.sin(W * t);
    this.motor.rate(volts, y, rate);
    const [iq, id, iqr, idr] = y as unknown as [number, number, number, number];
    rate[7] = volts * this.motor.lineA(y);
    rate[8] = M.r1 * iq ** 2 + (M.ra / M.turnsRatio ** 2) * id ** 2 + M.r2 * (iqr ** 2 + idr ** 2);
    rate[9] = loadTorqueNm(load, y[STATE.revolutions]!) * y[STATE.radS]!;
  }
}

describe("energy balance of a direct start", () => {
  it("closes to 0.01 %: what goes in is copper loss, shaft work, and what fields, rotor and capacitor hold", () => {
    const system = new Ledger();
    const rk = new RungeKutta4(system);
    const y = new Float64Array(system.size);
    const h = 1 / (120 * 40);
    for (let k = 0; k < 3600; k++) {
      rk.begin(k * h, y);
      rk.finish(k * h, y, h, y);
    }
    const [iq, id, iqr, idr, vc, radS, , inJ, copperJ, loadJ] = Array.from(y) as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const lm = M.xm / W;
    const l = (x: number): number => x / W;
    const field =
      (l(M.x1) * iq ** 2 +
        l(M.xa / M.turnsRatio ** 2) * id ** 2 +
        l(M.x2) * (iqr ** 2 + idr ** 2) +
        lm * ((iq + iqr) ** 2 + (id + idr) ** 2)) /
      2;
    const held = field + (M.inertiaKgM2 * radS ** 2) / 2 + (runCapacitorF * vc ** 2) / 2;
    expect(radS).toBeGreaterThan(350);
    expect(inJ).toBeGreaterThan(1000);
    expect(Math.abs((copperJ + loadJ + held) / inJ - 1)).toBeLessThan(1e-4);
  });
});
