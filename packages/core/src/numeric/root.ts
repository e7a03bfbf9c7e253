/**
 * Root of f between a and b by Brent's method (R. P. Brent, Algorithms for Minimization without
 * Derivatives) to the given relative width; undefined when f has the same sign at both ends.
 */
export function findRoot(f: (x: number) => number, from: number, to: number, relative = 1e-11): number | undefined {
  let a = from;
  let b = to;
  let fa = f(a);
  let fb = f(b);
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0) return undefined;
  let c = a;
  let fc = fa;
  let d = b - a;
  let e = d;
  for (let k = 0; k < 200; k++) {
    if (fb > 0 === fc > 0) {
      c = a;
      fc = fa;
      d = b - a;
      e = d;
    }
    if (Math.abs(fc) < Math.abs(fb)) {
      a = b;
      b = c;
      c = a;
      fa = fb;
      fb = fc;
      fc = fa;
    }
    const width = relative * Math.abs(b) + Number.MIN_VALUE;
    const half = (c - b) / 2;
    if (Math.abs(half) <= width || fb === 0) return b;
    if (Math.abs(e) >= width && Math.abs(fa) > Math.abs(fb)) {
      const s = fb / fa;
      let p: number;
      let q: number;
      if (a === c) {
        p = 2 * half * s;
        q = 1 - s;
      } else {
        const u = fa / fc;
        const r = fb / fc;
        p = s * (2 * half * u * (u - r) - (b - a) * (r - 1));
        q = (u - 1) * (r - 1) * (s - 1);
      }
      if (p > 0) q = -q;
      else p = -p;
      if (2 * p < Math.min(3 * half * q - Math.abs(width * q), Math.abs(e * q))) {
        e = d;
        d = p / q;
      } else {
        d = half;
        e = half;
      }
    } else {
      d = half;
      e = half;
    }
    a = b;
    fa = fb;
    b += Math.abs(d) > width ? d : half > 0 ? width : -width;
    fb = f(b);
  }
  return b;
}
