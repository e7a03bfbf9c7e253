import { momentaryLimitA } from "../../device/inverter-generator/index.ts";
import type { Endurance } from "./case.ts";
import type { ElectronicSource, MachineSource } from "./input.ts";
import type { StartTrace } from "./record.ts";

/** Amps at which an electronic source folds back, a shore share included. */
export function foldbackA(source: ElectronicSource): number {
  return momentaryLimitA(source.surgeW, source.volts, source.momentaryFactor) + source.shoreA;
}

/** Watts a source carries for hours, a shore share included. */
export function carriedW(source: ElectronicSource | MachineSource): number {
  return source.runningW + shoreW(source);
}

/** Watts that come from shore at most. */
export function shoreW(source: ElectronicSource | MachineSource): number {
  return source.kind === "electronic" ? source.shoreA * source.volts : 0;
}

/** A rating exceeded for too long. */
export interface Overstay {
  readonly watts: number;
  readonly seconds: number;
  readonly limitS: number;
}

/** The first rating that a start stayed above for longer than it lasts, counted at the source until the start is made; null when none. */
export function overstay(source: ElectronicSource | MachineSource, trace: StartTrace): Overstay | null {
  const share = shoreW(source);
  const steps: readonly Endurance[] = source.kind === "electronic" ? source.endurance : [{ watts: source.surgeW, seconds: source.surgeS }];
  let floor = carriedW(source);
  for (const { watts, seconds } of steps) {
    const over = timeAboveS(trace, floor, source.cordOhm);
    if (over > seconds) return { watts: floor, seconds: over, limitS: seconds };
    floor = Math.max(floor, watts + share);
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
