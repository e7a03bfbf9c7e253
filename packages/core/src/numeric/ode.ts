/** A first-order system of ordinary differential equations, y' = f(t, y). */
export interface OdeSystem {
  /** Number of states. */
  readonly size: number;
  /** Writes f(t, y) into `rate`; must not allocate and must not keep either array. */
  derivative(t: number, y: Float64Array, rate: Float64Array): void;
}
