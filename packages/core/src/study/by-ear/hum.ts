// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { BY_EAR_PARAMS as P } from "./params.ts";

/** A sound, samples evenly in time. */
export interface Sound {
  readonly samples: Float32Array;
  readonly sampleHz: number;
}

/** The hum at one frequency from window to window: its level and its own frequency, and the noise beside it, dB of full scale. */
export interface Hum {
  readonly hopS: number;
  readonly levelDb: Float64Array;
  readonly noiseDb: Float64Array;
  readonly hz: Float64Array;
}

/** A sound at about `P.workHz` samples a second: each the mean of those it stands for. */
export function thinnedSound({ samples, sampleHz }: Sound): Sound {
  const by = Math.max(1, Math.floor(sampleHz / P.workHz.value));
  const out = new Float32Array(Math.floor(samples.length / by));
  for (let k = 0; k < out.length; k++) {
    let sum = 0;
    for (let i = k * by; i < (k + 1) * by; i++) sum += samples[i]!;
    out[k] = sum / by;
  }
  return { samples: out, sampleHz: sampleHz / by };
}

const decibel = (power: number): number => 10 * Math.log10(power + 1e-14);

/** Levels as the mean power of those around, `reach` windows to each side. */
function smoothed(levels: Float64Array, reach: number): Float64Array {
  const sums = new Float64Array(levels.length + 1);
  for (let k = 0; k < levels.length; k++) sums[k + 1] = sums[k]! + 10 ** (levels[k]! / 10);
  return levels.map((_, k) => {
    const from = Math.max(0, k - reach);
    const to = Math.min(levels.length, k + reach + 1);
    return decibel((sums[to]! - sums[from]!) / (to - from));
  });
}

/** Follows the hum at a frequency through a sound, by a window of raised cosine. */
export function followHum({ samples, sampleHz }: Sound, hz: number): Hum {
  const size = Math.round(P.windowS.value * sampleHz);
  const hop = Math.max(1, Math.round(P.hopS.value * sampleHz));
  const count = Math.max(0, Math.floor((samples.length - size) / hop) + 1);
  const beside = P.besideHz.value;
  const tables = [hz, hz - beside, hz + beside].map((f) => {
    const cos = new Float64Array(size);
    const sin = new Float64Array(size);
    for (let i = 0; i < size; i++) {
      const weight = (1 - Math.cos((2 * Math.PI * (i + 0.5)) / size)) / size;
      cos[i] = weight * Math.cos((2 * Math.PI * f * i) / sampleHz);
      sin[i] = weight * Math.sin((2 * Math.PI * f * i) / sampleHz);
    }
    return { cos, sin };
  });
  const levelDb = new Float64Array(count);
  const noiseDb = new Float64Array(count);
  const own = new Float64Array(count);
  let last = 0;
  for (let k = 0; k < count; k++) {
    const powers = [0, 0, 0];
    for (let t = 0; t < 3; t++) {
      const { cos, sin } = tables[t]!;
      let real = 0;
      let imaginary = 0;
      for (let i = 0; i < size; i++) {
        const value = samples[k * hop + i]!;
        real += value * cos[i]!;
        imaginary -= value * sin[i]!;
      }
      powers[t] = real * real + imaginary * imaginary;
      if (t > 0) continue;
      // The tables begin anew with each window, so a steady hum turns on by its frequency times the hop.
      const phase = Math.atan2(imaginary, real);
      const expected = (2 * Math.PI * hz * hop) / sampleHz;
      const turn = phase - last - expected;
      own[k] = hz + ((turn - 2 * Math.PI * Math.round(turn / (2 * Math.PI))) * sampleHz) / (2 * Math.PI * hop);
      last = phase;
    }
    levelDb[k] = decibel(powers[0]!);
    noiseDb[k] = decibel((powers[1]! + powers[2]!) / 2);
  }
  return { hopS: hop / sampleHz, levelDb, noiseDb: smoothed(noiseDb, Math.round(P.noiseS.value / (hop / sampleHz))), hz: own };
}

/** How loud a steady tone is in a stretch of a sound, and the noise beside it, dB: one window over all of it. */
export function toneIn(
  { samples, sampleHz }: Sound,
  hz: number,
  fromS: number,
  toS: number,
): { readonly levelDb: number; readonly noiseDb: number } {
  const from = Math.max(0, Math.round(fromS * sampleHz));
  const size = Math.min(samples.length, Math.round(toS * sampleHz)) - from;
  if (size < 2) return { levelDb: decibel(0), noiseDb: decibel(0) };
  const weighted = new Float64Array(size);
  for (let i = 0; i < size; i++) weighted[i] = (samples[from + i]! * (1 - Math.cos((2 * Math.PI * (i + 0.5)) / size))) / size;
  const power = (f: number): number => powerAt(weighted, (2 * Math.PI * f) / sampleHz);
  const apart = (3 * sampleHz) / size;
  const noise = [-3, -2, 2, 3].map((k) => power(hz + k * apart)).toSorted((a, b) => a - b);
  return { levelDb: decibel(power(hz)), noiseDb: decibel((noise[1]! + noise[2]!) / 2) };
}

/** Samples between exact angles: turned from sample to sample, an angle strays by rounding alone. */
const EXACT_EVERY = 256;

/** The power of a tone that turns by so much from sample to sample, radians. */
function powerAt(weighted: Float64Array, turn: number): number {
  const cosTurn = Math.cos(turn);
  const sinTurn = Math.sin(turn);
  let real = 0;
  let imaginary = 0;
  for (let from = 0; from < weighted.length; from += EXACT_EVERY) {
    let cos = Math.cos(turn * from);
    let sin = Math.sin(turn * from);
    const to = Math.min(weighted.length, from + EXACT_EVERY);
    for (let i = from; i < to; i++) {
      real += weighted[i]! * cos;
      imaginary -= weighted[i]! * sin;
      const turned = cos * cosTurn - sin * sinTurn;
      sin = sin * cosTurn + cos * sinTurn;
      cos = turned;
    }
  }
  return real * real + imaginary * imaginary;
}
