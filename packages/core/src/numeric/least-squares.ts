// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { levenbergMarquardt } from "ml-levenberg-marquardt";
import { invert } from "./linear.ts";

/** Residuals as a function of the parameters; each already divided by its standard deviation. */
export type Residuals = (parameters: readonly number[]) => readonly number[];

/** Where a fit came to rest. */
export interface LeastSquares {
  readonly parameters: readonly number[];
  /** Standard deviation of each parameter, from the curvature at the end. */
  readonly deviations: readonly number[];
  /** Residuals at the end. */
  readonly residuals: readonly number[];
}

interface Bounds {
  readonly from: readonly number[];
  readonly min: readonly number[];
  readonly max: readonly number[];
}

const ITERATIONS = 10;
const STEP = 0.01;

/** Least squares by Levenberg–Marquardt within bounds. `count` is the number of residuals. */
export function leastSquares(residuals: Residuals, count: number, { from, min, max }: Bounds): LeastSquares {
  const places = Array.from({ length: count }, (_, i) => i);
  const known = new Map<string, readonly number[]>();
  const at = (parameters: readonly number[]): readonly number[] => {
    const key = parameters.join(" ");
    const answer = known.get(key) ?? residuals(parameters);
    known.set(key, answer);
    return answer;
  };
  const found = levenbergMarquardt({ x: places, y: places.map(() => 0) }, (parameters: number[]) => (i: number) => at(parameters)[i]!, {
    initialValues: [...from],
    minValues: [...min],
    maxValues: [...max],
    maxIterations: ITERATIONS,
    gradientDifference: STEP,
    centralDifference: false,
    damping: 0.01,
    errorTolerance: 1e-9,
  });
  const parameters = found.parameterValues;
  return { parameters, deviations: deviations(at, parameters, count), residuals: [...at(parameters)] };
}

/** Square roots of the diagonal of (JᵀJ)⁻¹ with J by central differences. */
function deviations(at: Residuals, parameters: readonly number[], count: number): readonly number[] {
  const n = parameters.length;
  const columns = parameters.map((value, k) => {
    const moved = (by: number): readonly number[] => [...at(parameters.map((p, j) => (j === k ? value + by : p)))];
    const high = moved(STEP);
    const low = moved(-STEP);
    return Array.from({ length: count }, (_, i) => (high[i]! - low[i]!) / (2 * STEP));
  });
  const normal = columns.flatMap((a) => columns.map((b) => a.reduce((sum, v, i) => sum + v * b[i]!, 0)));
  const inverse = invert(normal, n);
  return columns.map((_, k) => Math.sqrt(inverse[k * n + k]!));
}
