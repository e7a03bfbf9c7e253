// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { median } from "../../numeric/index.ts";
import { WAVEFORM_PARAMS as P } from "./params.ts";

/** Samples with what is needed to read windows of them: a sample nobody knows is not a number and counts nothing. */
export class Samples {
  readonly values: Float64Array;
  private readonly squares: Float64Array;
  private readonly known: Float64Array;

  constructor(values: ArrayLike<number>, offset: number) {
    this.values = Float64Array.from(values, (v) => v - offset);
    this.squares = new Float64Array(values.length + 1);
    this.known = new Float64Array(values.length + 1);
    for (let i = 0; i < values.length; i++) {
      const v = this.values[i]!;
      const there = Number.isFinite(v);
      this.squares[i + 1] = this.squares[i]! + (there ? v * v : 0);
      this.known[i + 1] = this.known[i]! + (there ? 1 : 0);
    }
  }

  get length(): number {
    return this.values.length;
  }

  /** Share of a window that is known. */
  knownShare(from: number, to: number): number {
    return (at(this.known, to) - at(this.known, from)) / (to - from);
  }

  /** RMS between two places that need not be whole samples; null where more is missing than a window may miss. */
  rms(from: number, to: number): number | null {
    const share = this.knownShare(from, to);
    if (share < 1 - P.missingShare.value) return null;
    return Math.sqrt(Math.max(0, at(this.squares, to) - at(this.squares, from)) / ((to - from) * share));
  }

  /** Largest size between two places; null where nothing is known. */
  largest(from: number, to: number): number | null {
    let most: number | null = null;
    for (let i = Math.max(0, Math.floor(from)); i < to && i < this.length; i++) {
      const size = Math.abs(this.values[i]!);
      if (size > (most ?? -1)) most = size;
    }
    return most;
  }
}

function at(sums: Float64Array, place: number): number {
  const last = sums.length - 1;
  const inside = Math.min(last, Math.max(0, place));
  const low = Math.floor(inside);
  return low === last ? sums[last]! : sums[low]! + (inside - low) * (sums[low + 1]! - sums[low]!);
}

/** What the record reads where nothing flows: the middle of its quietest period, or of all of it where no period is quiet. */
export function offsetOf(values: ArrayLike<number>, perCycle: number): number {
  const period = Math.round(perCycle);
  let quietest: readonly number[] = [];
  let least = Number.POSITIVE_INFINITY;
  for (let from = 0; from + period <= values.length; from += period) {
    const part = Array.from({ length: period }, (_, i) => values[from + i]!);
    if (part.some((v) => !Number.isFinite(v))) continue;
    const mean = part.reduce((a, b) => a + b, 0) / period;
    const spread = part.reduce((sum, v) => sum + (v - mean) ** 2, 0);
    if (spread < least) [least, quietest] = [spread, part];
  }
  return quietest.length === 0 ? 0 : quietest.reduce((a, b) => a + b, 0) / quietest.length;
}

/**
 * The size at which a recorder ran out of range; null where it did not. A wave cut off stands at its largest
 * value for longer than its own round top and the recorder's steps would have it stand there.
 */
export function clippedAt(values: ArrayLike<number>, perCycle: number): number | null {
  let most = 0;
  const steps: number[] = [];
  for (let i = 0; i < values.length; i++) {
    const v = values[i]!;
    if (!Number.isFinite(v)) continue;
    most = Math.max(most, Math.abs(v));
    const step = Math.abs(v - values[Math.max(0, i - 1)]!);
    if (step > 1e-9 * Math.max(1, most) && steps.length < STEPS_LOOKED_AT) steps.push(step);
  }
  if (most === 0 || steps.length === 0) return null;
  const count = Math.min(...steps);
  const round = (perCycle / Math.PI) * Math.sqrt((2 * count) / most);
  const long = Math.max(P.clippedShare.value * perCycle, 2 * round + 2);
  let run = 0;
  let places = 0;
  for (let i = 0; i < values.length; i++) {
    const top = Math.abs(values[i]!) >= most - 1e-6 * most;
    run = top ? run + 1 : 0;
    if (run === Math.ceil(long)) places += 1;
  }
  return places >= 2 ? most : null;
}

const STEPS_LOOKED_AT = 20_000;

/** How much a record wavers from one period to the next where nothing begins: the middle of its quiet part. */
export function waverOf(samples: Samples, from: number, to: number, period: number): number {
  const wavers: number[] = [];
  for (let i = Math.max(period, Math.floor(from)); i < to && i < samples.length; i++) {
    const d = Math.abs(samples.values[i]! - samples.values[i - period]!);
    if (Number.isFinite(d)) wavers.push(d);
  }
  return wavers.length === 0 ? 0 : median(wavers);
}
