import { LOWEST_PLATE_SHARE } from "../../device/compressor-motor/index.ts";
import { celsiusFromF, metresFromFt } from "../../quantity/index.ts";
import { batteryRunning } from "./battery-use.ts";
import type { StartCase } from "./case.ts";
import { runHeadroom } from "./headroom.ts";
import { prepare } from "./prepare.ts";
import { simulate } from "./simulate.ts";
import { steadyRunning } from "./steady.ts";
import { startedAtS } from "./summarise.ts";

/** Where an answer turns from yes to no as one condition grows; null where it does not within the range. */
export interface Thresholds {
  readonly outdoorC: number | null;
  readonly altitudeM: number | null;
}

/** Range looked over (common practice, no source: the hottest places and highest roads driven). */
export const OUTDOOR_RANGE_C: readonly [number, number] = [celsiusFromF(50), celsiusFromF(125)];
export const ALTITUDE_RANGE_M: readonly [number, number] = [0, metresFromFt(12_000)];

const STEPS = 9;

/** Finds, by bisection, the outdoor air and the altitude from which a case is too much. */
export function thresholds(given: StartCase): Thresholds {
  const { source } = given;
  return {
    outdoorC: turn(OUTDOOR_RANGE_C, (outdoorC) => holds({ ...given, outdoorC })),
    altitudeM: "altitudeM" in source ? turn(ALTITUDE_RANGE_M, (altitudeM) => holds({ ...given, source: { ...source, altitudeM } })) : null,
  };
}

/** Whether a case starts and keeps running: the verdict without its margins, which is all that is asked many times over. */
function holds(given: StartCase): boolean {
  const prepared = prepare(given);
  if (!prepared.ok) return false;
  const { input, assumptions } = prepared.value;
  const decided = { ...input, untilDecided: true };
  const trace = simulate(decided);
  if (trace.tripped !== null || startedAtS(trace, decided) === null) return false;
  const running = steadyRunning(input);
  if (running === null || running.volts < LOWEST_PLATE_SHARE * input.plateVolts) return false;
  const bank = batteryRunning(input, running);
  if (bank?.runV != null && input.source.kind === "electronic" && bank.runV < (input.source.battery?.cutOffV ?? 0)) return false;
  const { marginA } = runHeadroom(input, running, assumptions);
  return marginA === null || marginA > 0;
}

function turn([from, to]: readonly [number, number], good: (x: number) => boolean): number | null {
  if (good(to)) return null;
  if (!good(from)) return from;
  let low = from;
  let high = to;
  for (let k = 0; k < STEPS; k++) {
    const middle = (low + high) / 2;
    if (good(middle)) low = middle;
    else high = middle;
  }
  return low;
}
