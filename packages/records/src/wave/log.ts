// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
/** Most samples of one channel that are read. */
export const MOST_SAMPLES = 1_000_000;
/** Most channels that are read. */
export const MOST_CHANNELS = 32;

/** One recorded quantity, in the unit its file names; a sample that is not known is not a number. */
export interface WaveChannel {
  readonly name: string;
  readonly unit: string;
  readonly values: Float64Array;
}

/** Channels sampled together at an even rate. */
export interface WaveLog {
  readonly sampleHz: number;
  /** Line frequency where the file says it. */
  readonly lineHz: number | null;
  readonly channels: readonly WaveChannel[];
}

/** Why a file of samples was refused; `where` of the result names line or field. */
const WAVE_FAILURES = [
  "empty",
  "no-numbers",
  "bad-number",
  "bad-time",
  "no-rate",
  "too-many",
  "no-amps",
  "not-comtrade",
  "comtrade-newer",
  "comtrade-field",
  "comtrade-data-short",
  "comtrade-no-data",
] as const;
export type WaveFailure = (typeof WAVE_FAILURES)[number];

/** Share of samples that may be missing before a channel says nothing. */
const MOST_MISSING = 0.5;

/** Whether so much of a channel is missing that nothing can be read from it. */
export function mostlyMissing(values: Float64Array): boolean {
  return values.reduce((n, v) => n + (Number.isNaN(v) ? 1 : 0), 0) > MOST_MISSING * values.length;
}

/** Factor to amps or volts of a unit as written; null for what is neither. */
export function scaleOf(unit: string): { readonly of: "amps" | "volts"; readonly factor: number } | null {
  const plain = unit
    .trim()
    .replace("μ", "µ")
    .replace(/\s|rms|ac|dc/gi, "");
  const match = /^([muµk]?)(a|amp|amps|ampere|amperes|v|volt|volts)$/i.exec(plain);
  if (match === null) return null;
  const factor = { "": 1, m: 1e-3, u: 1e-6, µ: 1e-6, k: 1e3 }[match[1]!.toLowerCase()];
  return factor === undefined ? null : { of: /^a/i.test(match[2]!) ? "amps" : "volts", factor };
}

/** Steps of the usual length that a pause between two samples must last to be a gap. */
const GAP_STEPS = 4;
/** How far, in steps, times may stray and still count as even. */
const EVEN_STEPS = 0.5;

/**
 * Channels at an even rate from the times of their samples, which rise. Small unevenness is evened out along
 * straight lines between neighbours; where the recorder paused nothing is known, and the samples there are
 * not a number. Null where the times span nothing.
 */
export function evenly(times: Float64Array, channels: readonly WaveChannel[], lineHz: number | null): WaveLog | null {
  const spanS = times.at(-1)! - times[0]!;
  if (!(spanS > 0)) return null;
  const steps = times.slice(1).map((t, k) => t - times[k]!);
  const usual = steps.toSorted()[steps.length >> 1]!;
  const paused = usual > 0 && steps.some((step) => step > GAP_STEPS * usual);
  const sampleHz = paused ? 1 / usual : (times.length - 1) / spanS;
  let worst = 0;
  for (let k = 0; k < times.length; k++) worst = Math.max(worst, Math.abs(times[k]! - times[0]! - k / sampleHz));
  if (worst * sampleHz < EVEN_STEPS) return { sampleHz, lineHz, channels };
  return { sampleHz, lineHz, channels: channels.map((c) => ({ ...c, values: resample(times, c.values, sampleHz, GAP_STEPS / sampleHz) })) };
}

function resample(times: Float64Array, values: Float64Array, sampleHz: number, gapS: number): Float64Array {
  const count = Math.min(MOST_SAMPLES, Math.floor((times.at(-1)! - times[0]!) * sampleHz + 1e-6) + 1);
  const even = new Float64Array(count);
  let k = 0;
  for (let i = 0; i < count; i++) {
    const t = times[0]! + i / sampleHz;
    while (k < times.length - 2 && times[k + 1]! < t) k++;
    const span = times[k + 1]! - times[k]!;
    const share = span > 0 ? Math.min(1, Math.max(0, (t - times[k]!) / span)) : 0;
    const inside = span <= gapS || share < 0.5 / (span * sampleHz) || share > 1 - 0.5 / (span * sampleHz);
    even[i] = inside ? (span > gapS ? values[share < 0.5 ? k : k + 1]! : values[k]! + share * (values[k + 1]! - values[k]!)) : Number.NaN;
  }
  return even;
}
