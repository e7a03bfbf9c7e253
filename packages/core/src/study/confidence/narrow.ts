// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { keysOf } from "../../quantity/index.ts";
import type { Assumption } from "../motor-start/index.ts";
import { leftOpen } from "./measurable.ts";
import { MEASURABLE, type MeasurableFigure } from "./params.ts";
import type { Trial } from "./trial.ts";

/** How much measuring one figure would narrow whether it holds: standard deviations of the outcome now and then, and the minutes of work. */
export interface Narrowing {
  readonly code: MeasurableFigure;
  readonly nowSpread: number;
  readonly thenSpread: number;
  readonly minutes: number;
}

/** Parts of the range of a figure that are looked at apart. */
const BINS = 6;
/** Fewest trials from which a narrowing is told. */
const FEWEST = 60;

/**
 * Whether it holds is open by √(p·(1 − p)) now. Once a figure is known, p is that of its own part of the
 * range: what is left open is the mean over the parts, and what a meter leaves open of the figure itself
 * is kept. Parts of few trials make it look as if they told something; that is taken off. The figure that
 * narrows most comes first, of equal ones the one that takes less work.
 */
export function narrowings(trials: readonly Trial[], assumed: readonly Assumption[]): readonly Narrowing[] {
  const n = trials.length;
  if (n < FEWEST) return [];
  const p = trials.filter((t) => t.holds).length / n;
  const now = p * (1 - p);
  if (now === 0) return [];
  const found = keysOf(MEASURABLE).flatMap((code): readonly Narrowing[] => {
    const figure = assumed.find((a) => a.code === code);
    if (figure === undefined || figure.origin === "measured") return [];
    const moved = movedIn(trials, code);
    if (moved === null) return [];
    const told = between(trials, moved, p) * (1 - keptShare(code, figure.tolerance) ** 2);
    const { value: minutes } = MEASURABLE[code];
    return told <= 0 ? [] : [{ code, nowSpread: Math.sqrt(now), thenSpread: Math.sqrt(Math.max(0, now - told)), minutes }];
  });
  return found.toSorted(narrowsMore);
}

/** Order of narrowings: what leaves least open first, of equal ones what takes less work. */
export function narrowsMore(a: Narrowing, b: Narrowing): number {
  return a.thenSpread - b.thenSpread || a.minutes - b.minutes;
}

/** How much of a figure's own range is left once it is known; nothing of one that is either so or not. */
function keptShare(code: MeasurableFigure, tolerance: number): number {
  return tolerance === 0 ? 0 : Math.min(1, leftOpen(code) / tolerance);
}

/** A figure in each trial; null where it was not moved in all of them. */
function movedIn(trials: readonly Trial[], code: MeasurableFigure): Float64Array | null {
  const found = new Float64Array(trials.length);
  for (let k = 0; k < trials.length; k++) {
    const moved = trials[k]!.moved[code];
    if (moved === undefined) return null;
    found[k] = moved;
  }
  return found;
}

/** Variance of the share that holds between parts of a figure's range, less what chance alone puts there. */
function between(trials: readonly Trial[], moved: Float64Array, p: number): number {
  const n = trials.length;
  const sorted = moved.toSorted();
  const bins = Math.min(BINS, distinct(sorted, BINS));
  if (bins < 2) return 0;
  const ends = Array.from({ length: bins }, (_, b) => Math.round(((b + 1) * n) / bins));
  const last = ends.map((end) => sorted[end - 1]!);
  // Equal values may lie on both sides of an end: how many of a part's last value still belong to it, the earlier trials first.
  const room = ends.map((end, b) => {
    let count = 0;
    for (let k = end - 1; k >= (ends[b - 1] ?? 0) && sorted[k] === last[b]; k--) count += 1;
    return count;
  });
  const holds = ends.map(() => 0);
  for (let k = 0; k < n; k++) {
    const value = moved[k]!;
    let b = 0;
    while (value > last[b]! || (value === last[b] && room[b] === 0)) b += 1;
    if (value === last[b]) room[b]! -= 1;
    if (trials[k]!.holds) holds[b]! += 1;
  }
  let sum = 0;
  for (let b = 0; b < bins; b++) {
    const size = ends[b]! - (ends[b - 1] ?? 0);
    sum += (size / n) * (holds[b]! / size - p) ** 2;
  }
  return sum - ((bins - 1) / n) * p * (1 - p);
}

/** How many values there are among sorted ones, counted no further than `most`. */
function distinct(sorted: Float64Array, most: number): number {
  let count = 0;
  for (let k = 0; k < sorted.length && count < most; k++) if (k === 0 || sorted[k] !== sorted[k - 1]) count += 1;
  return count;
}
