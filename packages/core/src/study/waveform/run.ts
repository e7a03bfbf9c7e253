import { fail, ok, type Result } from "../../quantity/index.ts";
import type { Recorded } from "./input.ts";
import { WAVEFORM_PARAMS as P } from "./params.ts";
import type { WaveCycle, WaveformFailure, WaveformStudy } from "./result.ts";

/**
 * Finds the start in a record and reads it: first half cycle, RMS of each cycle, inrush window, start
 * time, running amps, voltage dip. Windows begin at the start. Refuses what cannot show a start.
 */
export function studyWaveform(recorded: Recorded): Result<WaveformStudy, WaveformFailure> {
  const { amps, volts, sampleHz, lineHz, kind } = recorded;
  const perCycle = kind === "rms" ? 1 : sampleHz / lineHz;
  if (kind === "instant" && perCycle < P.fewestPerCycle.value) return fail("too-slow", "sampleHz");
  const cycles = Math.floor(amps.length / perCycle);
  if (cycles < 5) return fail("too-short", "samples");
  const squares = squareSums(amps);
  if (squares === null) return fail("not-a-number", "amps");
  const rms = (from: number, to: number): number => rmsBetween(squares, from, to);
  const first = startSample(amps, rms, perCycle, cycles);
  if (first === null) return fail("no-start", "amps");
  const rows: WaveCycle[] = [];
  for (let end = first + perCycle; end <= amps.length + 1e-6; end += perCycle)
    rows.push({ t: (end - first) / sampleHz, rmsA: rms(end - perCycle, end) });
  if (rows.length < 4) return fail("too-short", "samples");
  const windowEnd = first + P.inrushWindowS.value * sampleHz;
  const runningA = runningOf(rows);
  return ok({
    startS: first / sampleHz,
    firstHalfCycleA: kind === "rms" ? null : largest(amps, first, first + perCycle / 2),
    largestCycleA: largestCycle(rows),
    inrushA: sampleHz * P.inrushWindowS.value < 2 || windowEnd > amps.length ? null : rms(first, windowEnd),
    runningA,
    startTimeS: runningA === null ? null : startTime(rows, runningA),
    ...dip(volts, first, perCycle),
    cycles: rows,
  });
}

/** Running sums of squares, one longer than the record; null where a sample is no number. */
function squareSums(values: ArrayLike<number>): Float64Array | null {
  const sums = new Float64Array(values.length + 1);
  for (let i = 0; i < values.length; i++) sums[i + 1] = sums[i]! + values[i]! * values[i]!;
  return Number.isFinite(sums[values.length]!) ? sums : null;
}

/** RMS between two places of the record that need not be whole samples. */
function rmsBetween(sums: Float64Array, from: number, to: number): number {
  const last = sums.length - 1;
  const at = (place: number): number => {
    const inside = Math.min(last, Math.max(0, place));
    const low = Math.floor(inside);
    return low === last ? sums[last]! : sums[low]! + (inside - low) * (sums[low + 1]! - sums[low]!);
  };
  return Math.sqrt(Math.max(0, at(to) - at(from)) / (to - from));
}

type Rms = (from: number, to: number) => number;

/** Sample at which the current begins to rise; null where nothing in the record rises. */
function startSample(amps: ArrayLike<number>, rms: Rms, perCycle: number, cycles: number): number | null {
  const levels = Array.from({ length: cycles }, (_, k) => rms(k * perCycle, (k + 1) * perCycle));
  let most = 0;
  let least = Number.POSITIVE_INFINITY;
  for (const level of levels) {
    most = Math.max(most, level);
    least = Math.min(least, level);
  }
  if (most <= 0 || most < P.leastRise.value * least) return null;
  const over = levels.findIndex((level) => level >= least + P.riseShare.value * (most - least));
  if (over === 0) return 0;
  if (perCycle === 1) return over;
  const period = Math.round(perCycle);
  const from = Math.max(period, Math.floor((over - 1) * perCycle));
  const peak = Math.SQRT2 * most;
  const rise = 0.05 * (peak - Math.SQRT2 * least);
  for (let i = from; i < (over + 1) * perCycle && i < amps.length; i++) if (Math.abs(amps[i]! - amps[i - period]!) > rise) return i - 1;
  return Math.round(over * perCycle);
}

function largest(values: ArrayLike<number>, from: number, to: number): number {
  let most = 0;
  for (let i = Math.floor(from); i < to && i < values.length; i++) most = Math.max(most, Math.abs(values[i]!));
  return most;
}

function largestCycle(rows: readonly WaveCycle[]): number {
  let most = 0;
  for (const row of rows) most = Math.max(most, row.rmsA);
  return most;
}

/** Middle of the last part where that part is steady and well below the start. */
function runningOf(rows: readonly WaveCycle[]): number | null {
  const tail = rows.slice(-Math.max(3, Math.round(rows.length * P.tailShare.value))).map((r) => r.rmsA);
  const sorted = tail.toSorted((a, b) => a - b);
  const middle = sorted[sorted.length >> 1]!;
  const spread = sorted.at(-1)! - sorted[0]!;
  const most = largestCycle(rows);
  return middle <= 0 || spread > P.steadyShare.value * middle || middle * P.leastRise.value > most ? null : middle;
}

function startTime(rows: readonly WaveCycle[], runningA: number): number {
  const settledA = runningA + P.settledShare.value * (largestCycle(rows) - runningA);
  let k = rows.length;
  while (k > 0 && rows[k - 1]!.rmsA <= settledA) k--;
  return k === 0 ? 0 : rows[k - 1]!.t;
}

function dip(volts: ArrayLike<number> | null, first: number, perCycle: number): Pick<WaveformStudy, "restV" | "lowestV"> {
  const sums = volts === null ? null : squareSums(volts);
  if (sums === null || volts === null) return { restV: null, lowestV: null };
  let lowestV = Number.POSITIVE_INFINITY;
  for (let end = first + perCycle; end <= volts.length + 1e-6; end += perCycle)
    lowestV = Math.min(lowestV, rmsBetween(sums, end - perCycle, end));
  return { restV: first >= perCycle ? rmsBetween(sums, first - perCycle, first) : null, lowestV };
}
