// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import type { OdeSystem } from "./ode.ts";

/**
 * Classic fourth-order Runge–Kutta over a system it knows nothing about. All scratch space is
 * made once; `step` allocates nothing. `k1` holds the rate at the start of the latest step.
 */
export class RungeKutta4 {
  readonly k1: Float64Array;
  private readonly k2: Float64Array;
  private readonly k3: Float64Array;
  private readonly k4: Float64Array;
  private readonly trial: Float64Array;
  private readonly system: OdeSystem;

  constructor(system: OdeSystem) {
    const n = system.size;
    this.system = system;
    this.k1 = new Float64Array(n);
    this.k2 = new Float64Array(n);
    this.k3 = new Float64Array(n);
    this.k4 = new Float64Array(n);
    this.trial = new Float64Array(n);
  }

  /** Reads the rate at (t, y) into `k1`; call before `finish`. */
  begin(t: number, y: Float64Array): void {
    this.system.derivative(t, y, this.k1);
  }

  /** Completes a step of length h from (t, y), whose rate `begin` has read, into `out`. */
  finish(t: number, y: Float64Array, h: number, out: Float64Array): void {
    const { k1, k2, k3, k4, trial, system } = this;
    const n = y.length;
    const half = h / 2;
    for (let i = 0; i < n; i++) trial[i] = y[i]! + half * k1[i]!;
    system.derivative(t + half, trial, k2);
    for (let i = 0; i < n; i++) trial[i] = y[i]! + half * k2[i]!;
    system.derivative(t + half, trial, k3);
    for (let i = 0; i < n; i++) trial[i] = y[i]! + h * k3[i]!;
    system.derivative(t + h, trial, k4);
    const sixth = h / 6;
    for (let i = 0; i < n; i++) out[i] = y[i]! + sixth * (k1[i]! + 2 * (k2[i]! + k3[i]!) + k4[i]!);
  }
}
