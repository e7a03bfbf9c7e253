// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { median } from "../../numeric/index.ts";
import type { MeasuredCycle } from "./input.ts";

/** What a recorded start holds: the level it stands at, when it falls, what it runs at. */
export interface WaveFeatures {
  readonly plateauA: number;
  /** Null where the record ends before it runs. */
  readonly runningA: number | null;
  /** When the fall from plateau to running is half and three quarters done, s; null without one. */
  readonly halfS: number | null;
  readonly quarterS: number | null;
}

/** Share of the record's end taken as running, and how far below its plateau that must lie. */
const TAIL_SHARE = 0.15;
const FALLEN_SHARE = 0.7;
/** Part of the time up to the half that counts as plateau. */
const PLATEAU_SHARE = 0.6;

/** Reads a start's cycles the same way, recorded or simulated; null where there are too few. */
export function waveFeatures(cycles: readonly MeasuredCycle[]): WaveFeatures | null {
  if (cycles.length < 8) return null;
  const most = Math.max(...cycles.map((c) => c.rmsA));
  const tail = median(cycles.slice(-Math.max(3, Math.round(cycles.length * TAIL_SHARE))).map((c) => c.rmsA));
  const level = (untilS: number): number => {
    const inside = cycles.slice(1).filter((c) => c.t <= untilS);
    const used = inside.length === 0 ? cycles.slice(0, 2) : inside;
    return Math.sqrt(used.reduce((sum, c) => sum + c.rmsA ** 2, 0) / used.length);
  };
  if (tail > FALLEN_SHARE * most) return { plateauA: level(Number.POSITIVE_INFINITY), runningA: null, halfS: null, quarterS: null };
  const plateauA = level(PLATEAU_SHARE * crossing(cycles, (most + tail) / 2));
  const at = (share: number): number => crossing(cycles, tail + share * (plateauA - tail));
  return { plateauA, runningA: tail, halfS: at(0.5), quarterS: at(0.25) };
}

/** When the cycles last fall through a level, linear between two. */
function crossing(cycles: readonly MeasuredCycle[], level: number): number {
  let k = cycles.length - 1;
  while (k > 0 && cycles[k]!.rmsA <= level) k--;
  const [above, below] = [cycles[k]!, cycles[Math.min(k + 1, cycles.length - 1)]!];
  if (above.rmsA <= level || above.rmsA === below.rmsA) return above.t;
  return above.t + ((above.rmsA - level) / (above.rmsA - below.rmsA)) * (below.t - above.t);
}
