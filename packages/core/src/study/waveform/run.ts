// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { fail, ok, type Result } from "../../quantity/index.ts";
import { findStart } from "./find-start.ts";
import type { Recorded } from "./input.ts";
import { WAVEFORM_PARAMS as P } from "./params.ts";
import type { WaveCycle, WaveformFailure, WaveformStudy, WaveWarning } from "./result.ts";
import { clippedAt, offsetOf, Samples } from "./samples.ts";

/** Share of the samples that must be known. */
const FEWEST_KNOWN = 0.5;

/**
 * Finds the start in a record and reads it: first half cycle, RMS of each cycle, inrush window, start
 * time, running amps, voltage dip. Windows begin at the start; one that reaches into a pause is not read.
 * What the recorder showed of nothing is taken off. Refuses what cannot show a start.
 */
export function studyWaveform(recorded: Recorded): Result<WaveformStudy, WaveformFailure> {
  const { amps, volts, sampleHz, lineHz, kind } = recorded;
  const instant = kind === "instant";
  const perCycle = instant ? sampleHz / lineHz : 1;
  if (instant && perCycle < P.fewestPerCycle.value) return fail("too-slow", "sampleHz");
  if (Math.floor(amps.length / perCycle) < 5) return fail("too-short", "samples");
  const offsetA = instant ? offsetOf(amps, perCycle) : 0;
  const samples = new Samples(amps, offsetA);
  if (samples.knownShare(0, amps.length) < FEWEST_KNOWN) return fail("not-a-number", "amps");
  const first = findStart(samples, perCycle);
  if (first === null) return fail("no-start", "amps");
  const rows = cyclesFrom(samples, first, perCycle, sampleHz);
  if (rows.length < 4) return fail("too-short", "samples");
  const span = P.inrushWindowS.value * sampleHz;
  const windowed = span >= 2 && first + span <= amps.length;
  const runningA = runningOf(rows);
  const clipped = instant && clippedAt(amps, perCycle) !== null;
  const largest = largestCycle(rows);
  const warnings: WaveWarning[] = [
    ...(samples.knownShare(first, amps.length) < 1 ? ["gaps" as const] : []),
    ...(clipped ? ["clipped" as const] : []),
    ...(Math.abs(offsetA) > P.offsetShare.value * Math.SQRT2 * largest ? ["offset" as const] : []),
    ...(first < perCycle ? ["starts-at-once" as const] : []),
    ...(runningA === null ? ["ends-early" as const] : []),
  ];
  return ok({
    startS: first / sampleHz,
    firstHalfCycleA:
      instant && samples.knownShare(first, first + perCycle / 2) > 1 - P.missingShare.value
        ? samples.largest(first, first + perCycle / 2)
        : null,
    largestCycleA: largest,
    largest100msA: windowed ? largestWindow(samples, first, span, perCycle) : null,
    inrushA: windowed ? samples.rms(first, first + span) : null,
    runningA,
    startTimeS: runningA === null ? null : startTime(rows, runningA),
    ...dip(volts, first, perCycle, instant),
    cycles: rows,
    warnings,
    atLeast: clipped,
  });
}

/** Whole cycles from the start on, those left out that reach into a pause. */
function cyclesFrom(samples: Samples, first: number, perCycle: number, sampleHz: number): readonly WaveCycle[] {
  const rows: WaveCycle[] = [];
  for (let end = first + perCycle; end <= samples.length + 1e-6; end += perCycle) {
    const rmsA = samples.rms(end - perCycle, end);
    if (rmsA !== null) rows.push({ t: (end - first) / sampleHz, rmsA });
  }
  return rows;
}

function largestWindow(samples: Samples, first: number, span: number, perCycle: number): number | null {
  let most: number | null = null;
  for (let from = first; from + span <= samples.length; from += Math.max(1, perCycle / 8)) {
    const rms = samples.rms(from, from + span);
    if (rms !== null && rms > (most ?? 0)) most = rms;
  }
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

function dip(volts: Recorded["volts"], first: number, perCycle: number, instant: boolean): Pick<WaveformStudy, "restV" | "lowestV"> {
  if (volts === null) return { restV: null, lowestV: null };
  const samples = new Samples(volts, instant ? meanOf(volts, perCycle) : 0);
  let lowestV: number | null = null;
  for (let end = first + perCycle; end <= volts.length + 1e-6; end += perCycle) {
    const rms = samples.rms(end - perCycle, end);
    if (rms !== null && rms < (lowestV ?? Number.POSITIVE_INFINITY)) lowestV = rms;
  }
  return { restV: first >= perCycle ? samples.rms(first - perCycle, first) : null, lowestV };
}

/** Mean over the whole periods of a record; what is not known is left out. */
function meanOf(values: ArrayLike<number>, perCycle: number): number {
  const whole = Math.round(Math.floor(values.length / perCycle) * perCycle);
  let sum = 0;
  let n = 0;
  for (let i = 0; i < whole; i++) {
    if (!Number.isFinite(values[i]!)) continue;
    sum += values[i]!;
    n += 1;
  }
  return n === 0 ? 0 : sum / n;
}
