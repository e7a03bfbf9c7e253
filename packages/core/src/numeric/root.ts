/**
 * Root of f between a and b by bisection to relative width 1e-12; undefined when f has the same sign
 * at both ends.
 */
export function bisect(f: (x: number) => number, a: number, b: number): number | undefined {
  let low = a;
  let high = b;
  const atLow = f(low);
  if (atLow === 0) return low;
  const atHigh = f(high);
  if (atHigh === 0) return high;
  if (atLow > 0 === atHigh > 0) return undefined;
  for (let k = 0; k < 100 && Math.abs(high - low) > 1e-12 * Math.max(Math.abs(low), Math.abs(high)); k++) {
    const middle = (low + high) / 2;
    if (f(middle) > 0 === atLow > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
