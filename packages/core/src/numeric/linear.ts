import { type Complex, complex, divide, modulus, multiply, subtract } from "./complex.ts";

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
  const a = matrix.map((row, i) => [...row, right[i]!]);
  for (let col = 0; col < n; col++) {
    let pivot = col;
    for (let r = col + 1; r < n; r++) if (modulus(a[r]![col]!) > modulus(a[pivot]![col]!)) pivot = r;
    [a[col], a[pivot]] = [a[pivot]!, a[col]!];
    if (modulus(a[col]![col]!) === 0) throw new Error("singular matrix");
    for (let r = col + 1; r < n; r++) {
      const f = divide(a[r]![col]!, a[col]![col]!);
      for (let k = col; k <= n; k++) a[r]![k] = subtract(a[r]![k]!, multiply(f, a[col]![k]!));
    }
  }
  const x: Complex[] = Array.from({ length: n }, () => complex(0));
  for (let r = n - 1; r >= 0; r--) {
    let sum = a[r]![n]!;
    for (let k = r + 1; k < n; k++) sum = subtract(sum, multiply(a[r]![k]!, x[k]!));
    x[r] = divide(sum, a[r]![r]!);
  }
  return x;
}
