/**
 * Seeded numbers between 0 and 1, evenly spread: xoshiro128** (D. Blackman, S. Vigna), its state
 * filled by splitmix32 from the seed and a stream number, so that any stream can be drawn alone.
 */
export class SeededRandom {
  private a: number;
  private b: number;
  private c: number;
  private d: number;

  constructor(seed: number, stream = 0) {
    let s = (seed ^ Math.imul(stream + 1, 0x9e3779b9)) >>> 0;
    const fill = (): number => {
      s = (s + 0x9e3779b9) >>> 0;
      let z = s;
      z = Math.imul(z ^ (z >>> 16), 0x85ebca6b);
      z = Math.imul(z ^ (z >>> 13), 0xc2b2ae35);
      return (z ^ (z >>> 16)) >>> 0;
    };
    this.a = fill();
    this.b = fill();
    this.c = fill();
    this.d = fill();
  }

  /** The next number, 0 up to but not 1. */
  next(): number {
    const result = Math.imul(rotate(Math.imul(this.b, 5), 7), 9) >>> 0;
    const t = this.b << 9;
    this.c ^= this.a;
    this.d ^= this.b;
    this.b ^= this.c;
    this.a ^= this.d;
    this.c ^= t;
    this.d = rotate(this.d, 11);
    return result / 4294967296;
  }

  /** The next number between two ends. */
  between(low: number, high: number): number {
    return low + (high - low) * this.next();
  }

  /** The next from a bell about 0 with half of its width ±1: the sum of four even numbers, never beyond ±2. */
  bell(): number {
    return this.next() + this.next() + this.next() + this.next() - 2;
  }
}

function rotate(x: number, k: number): number {
  return (x << k) | (x >>> (32 - k));
}
