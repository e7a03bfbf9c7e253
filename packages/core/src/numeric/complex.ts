/** A complex number. */
export interface Complex {
  readonly re: number;
  readonly im: number;
}

/** Makes a complex number. */
export const complex = (re: number, im = 0): Complex => ({ re, im });
/** a + b. */
export const add = (a: Complex, b: Complex): Complex => complex(a.re + b.re, a.im + b.im);
/** a − b. */
export const subtract = (a: Complex, b: Complex): Complex => complex(a.re - b.re, a.im - b.im);
/** a × b. */
export const multiply = (a: Complex, b: Complex): Complex => complex(a.re * b.re - a.im * b.im, a.re * b.im + a.im * b.re);
/** k × a for a real k. */
export const scale = (a: Complex, k: number): Complex => complex(a.re * k, a.im * k);
/** Complex conjugate. */
export const conjugate = (a: Complex): Complex => complex(a.re, -a.im);
/** Modulus. */
export const modulus = (a: Complex): number => Math.sqrt(a.re * a.re + a.im * a.im);
/** a ÷ b. */
export function divide(a: Complex, b: Complex): Complex {
  const d = b.re * b.re + b.im * b.im;
  return complex((a.re * b.re + a.im * b.im) / d, (a.im * b.re - a.re * b.im) / d);
}
