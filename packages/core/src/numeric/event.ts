// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
const MAX_ITERATIONS = 12;

/**
 * Length of the step at which component `index` of the state crosses zero, given that it does between
 * the start of the step and its end. Regula falsi with the Illinois correction; `step` makes a step of a
 * length into `out`. Leaves the state at the crossing in `out`.
 */
export function stepToZero(step: (h: number) => void, atStart: number, h: number, index: number, out: Float64Array): number {
  let low = 0;
  let high = h;
  let atLow = atStart;
  let atHigh = out[index]!;
  const enough = 1e-7 * Math.max(Math.abs(atLow), Math.abs(atHigh));
  let theta = h;
  let lastSide = 0;
  for (let k = 0; k < MAX_ITERATIONS; k++) {
    theta = (low * atHigh - high * atLow) / (atHigh - atLow);
    step(theta);
    const value = out[index]!;
    if (Math.abs(value) <= enough) break;
    if (value > 0 === atHigh > 0) {
      high = theta;
      atHigh = value;
      if (lastSide === 1) atLow /= 2;
      lastSide = 1;
    } else {
      low = theta;
      atLow = value;
      if (lastSide === -1) atHigh /= 2;
      lastSide = -1;
    }
  }
  return theta;
}
