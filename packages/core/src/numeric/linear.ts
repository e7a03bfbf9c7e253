// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { type Complex, complex, divide } from "./complex.ts";

/** Inverse of a square matrix, row-major, by Gauss–Jordan with partial pivoting. Throws on a singular one. */
export function invert(matrix: readonly number[], n: number): Float64Array {
  const a = Float64Array.from(matrix);
  const b = new Float64Array(n * n);
  for (let i = 0; i < n; i++) b[i * n + i] = 1;
  for (let col = 0; col < n; col++) {
    let pivot = col;
    for (let r = col + 1; r < n; r++) if (Math.abs(a[r * n + col]!) > Math.abs(a[pivot * n + col]!)) pivot = r;
    if (a[pivot * n + col] === 0) throw new Error("singular matrix");
    for (let k = 0; k < n; k++) {
      swap(a, pivot * n + k, col * n + k);
      swap(b, pivot * n + k, col * n + k);
    }
    const d = a[col * n + col]!;
    for (let k = 0; k < n; k++) {
      a[col * n + k]! /= d;
      b[col * n + k]! /= d;
    }
    for (let r = 0; r < n; r++) {
      const f = a[r * n + col]!;
      if (r === col || f === 0) continue;
      for (let k = 0; k < n; k++) {
        a[r * n + k]! -= f * a[col * n + k]!;
        b[r * n + k]! -= f * b[col * n + k]!;
      }
    }
  }
  return b;
}

function swap(a: Float64Array, i: number, j: number): void {
  const held = a[i]!;
  a[i] = a[j]!;
  a[j] = held;
}

/** Solves A x = b over the complex numbers by elimination with partial pivoting; A is not changed. */
export function solveComplex(matrix: readonly (readonly Complex[])[], right: readonly Complex[]): Complex[] {
  const n = right.length;
  const re = matrix.map((row, i) => [...row.map((z) => z.re), right[i]!.re]);
  const im = matrix.map((row, i) => [...row.map((z) => z.im), right[i]!.im]);
  for (let col = 0; col < n; col++) {
    pivotRow(re, im, col);
    for (let r = col + 1; r < n; r++) takeAway(re, im, r, col);
  }
  const x: Complex[] = new Array<Complex>(n);
  for (let r = n - 1; r >= 0; r--) {
    const ar = re[r]!;
    const ai = im[r]!;
    let sumRe = ar[n]!;
    let sumIm = ai[n]!;
    for (let k = r + 1; k < n; k++) {
      const z = x[k]!;
      sumRe -= ar[k]! * z.re - ai[k]! * z.im;
      sumIm -= ar[k]! * z.im + ai[k]! * z.re;
    }
    x[r] = divide(complex(sumRe, sumIm), complex(ar[r]!, ai[r]!));
  }
  return x;
}

/** Brings the row with the largest entry of a column to its diagonal. Throws on a singular matrix. */
function pivotRow(re: number[][], im: number[][], col: number): void {
  const size = (r: number): number => re[r]![col]! ** 2 + im[r]![col]! ** 2;
  let pivot = col;
  for (let r = col + 1; r < re.length; r++) if (size(r) > size(pivot)) pivot = r;
  if (size(pivot) === 0) throw new Error("singular matrix");
  [re[col], re[pivot]] = [re[pivot]!, re[col]!];
  [im[col], im[pivot]] = [im[pivot]!, im[col]!];
}

/** Takes the pivot row of a column from row r, so that the entry below the diagonal is nothing. */
function takeAway(re: number[][], im: number[][], r: number, col: number): void {
  const [ar, ai, pr, pi] = [re[r]!, im[r]!, re[col]!, im[col]!];
  const size = pr[col]! ** 2 + pi[col]! ** 2;
  const fr = (ar[col]! * pr[col]! + ai[col]! * pi[col]!) / size;
  const fi = (ai[col]! * pr[col]! - ar[col]! * pi[col]!) / size;
  if (fr === 0 && fi === 0) return;
  for (let k = col; k < ar.length; k++) {
    ar[k]! -= fr * pr[k]! - fi * pi[k]!;
    ai[k]! -= fr * pi[k]! + fi * pr[k]!;
  }
}
