export { add, type Complex, complex, conjugate, divide, modulus, multiply, scale, subtract } from "./complex.ts";
export { stepToZero } from "./event.ts";
export { type LeastSquares, leastSquares, type Residuals } from "./least-squares.ts";
export { invert, solveComplex } from "./linear.ts";
export { logLogAt } from "./log-log.ts";
export type { OdeSystem } from "./ode.ts";
export { SeededRandom } from "./random.ts";
export { findRoot } from "./root.ts";
export { RungeKutta4 } from "./runge-kutta.ts";
