// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import type { Source } from "./input.ts";
import type { StartTrace } from "./record.ts";
import { modelOf } from "./source/index.ts";

/** A rating exceeded for too long. */
export interface Overstay {
  readonly watts: number;
  readonly seconds: number;
  readonly limitS: number;
}

/** The first rating that a start stayed above for longer than it lasts, counted at the source until the start is made; null when none. */
export function overstay(source: Source, trace: StartTrace): Overstay | null {
  const { carriedW, ratings } = modelOf(source);
  if (carriedW === null) return null;
  let floor = carriedW;
  for (const { watts, seconds } of ratings) {
    const over = timeAboveS(trace, floor, source.cordOhm);
    if (over > seconds) return { watts: floor, seconds: over, limitS: seconds };
    floor = Math.max(floor, watts);
  }
  return null;
}

function timeAboveS(trace: StartTrace, watts: number, cordOhm: number): number {
  const { meter, halfCycleS, decidedAtS } = trace;
  const until = Math.min(meter.watts.length, Math.round(decidedAtS / halfCycleS));
  let above = 0;
  for (let j = 0; j < until; j++) if (meter.watts[j]! + cordOhm * meter.rmsA[j]! ** 2 > watts) above += halfCycleS;
  return above;
}
