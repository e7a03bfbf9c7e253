import { GENERATOR_PARAMS as P } from "./params.ts";

/** Transient impedance of a set, ohm and henry, from its base: running watts at its volts. */
export function transientImpedance(
  volts: number,
  hz: number,
  runningW: number,
  xd: number,
): { readonly ohm: number; readonly henry: number } {
  const baseOhm = (volts * volts) / runningW;
  return { ohm: P.r.value * baseOhm, henry: (xd * baseOhm) / (2 * Math.PI * hz) };
}

/** Whether an engine at this share of its speed has stalled. */
export function engineStalls(speed: number): boolean {
  return speed < P.stallShare.value;
}
