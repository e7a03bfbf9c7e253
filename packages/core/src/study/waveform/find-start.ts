// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { WAVEFORM_PARAMS as P } from "./params.ts";
import { type Samples, waverOf } from "./samples.ts";

/**
 * Place at which the current begins to rise; null where nothing in the record rises. What came before says
 * how much the record wavers by itself: a start is a change from one period to the next well above that, for
 * several samples running, after which the level stays up. A spike is none, nor is a load that was on already.
 */
export function findStart(samples: Samples, perCycle: number): number | null {
  const cycles = Math.floor(samples.length / perCycle);
  const levels = Array.from({ length: cycles }, (_, k) => samples.rms(k * perCycle, (k + 1) * perCycle));
  const known = levels.filter((l) => l !== null);
  if (known.length < 3) return null;
  const most = known.toSorted((a, b) => b - a)[Math.min(1, known.length - 1)]!;
  const least = Math.min(...known);
  if (most <= 0 || most < P.leastRise.value * least) return null;
  const edge = least + P.riseShare.value * (most - least);
  const over = levels.findIndex((level, k) => level !== null && level >= edge && staysUp(levels, k, edge, perCycle));
  if (over < 0) return null;
  if (over === 0) return 0;
  if (perCycle === 1) return over;
  const period = Math.round(perCycle);
  const from = Math.max(period, Math.floor((over - 1) * perCycle));
  const waver = waverOf(samples, 0, from, period);
  const rise = Math.max(P.waverTimes.value * waver, RISE_SHARE * Math.SQRT2 * (most - least));
  const running = Math.max(2, Math.round(P.runningSamples.value * period));
  let run = 0;
  for (let i = from; i < (over + 1) * perCycle && i < samples.length; i++) {
    const d = Math.abs(samples.values[i]! - samples.values[i - period]!);
    run = d > rise ? run + 1 : 0;
    if (run >= running) return Math.max(0, i - running);
  }
  return Math.round(over * perCycle);
}

/** Change over the start's peak that counts where the record is perfectly quiet. */
const RISE_SHARE = 0.05;

/** Whether the level is still up a cycle later: one cycle alone is a spike. A meter's log of figures has nothing between. */
function staysUp(levels: readonly (number | null)[], k: number, edge: number, perCycle: number): boolean {
  const next = levels[k + 1] ?? null;
  return perCycle === 1 || next === null || next >= edge;
}
