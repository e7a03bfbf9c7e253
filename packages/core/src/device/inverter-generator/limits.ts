import { INVERTER_GENERATOR_PARAMS as P } from "./params.ts";

/** Current at which the electronics fold back, amps, from surge watts already derated. */
export function momentaryLimitA(surgeW: number, volts: number, factor: number = P.momentaryFactor.value): number {
  return (factor * surgeW) / volts;
}
