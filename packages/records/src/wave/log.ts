/** Most samples of one channel that are read. */
export const MOST_SAMPLES = 1_000_000;
/** Most channels that are read. */
export const MOST_CHANNELS = 32;

/** One recorded quantity, in the unit its file names. */
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
export const WAVE_FAILURES = [
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
  "comtrade-rates",
  "comtrade-data-short",
  "comtrade-no-data",
] as const;
export type WaveFailure = (typeof WAVE_FAILURES)[number];

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

/** Even samples from uneven times by straight lines between neighbours; times rise. */
export function resample(times: Float64Array, values: Float64Array, sampleHz: number): Float64Array {
  const count = Math.min(MOST_SAMPLES, Math.floor((times.at(-1)! - times[0]!) * sampleHz + 1e-6) + 1);
  const even = new Float64Array(count);
  let k = 0;
  for (let i = 0; i < count; i++) {
    const t = times[0]! + i / sampleHz;
    while (k < times.length - 2 && times[k + 1]! < t) k++;
    const span = times[k + 1]! - times[k]!;
    const share = span > 0 ? Math.min(1, Math.max(0, (t - times[k]!) / span)) : 0;
    even[i] = values[k]! + share * (values[k + 1]! - values[k]!);
  }
  return even;
}
