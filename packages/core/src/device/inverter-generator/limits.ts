import { fahrenheitFromC, ftFromMetres } from "../../quantity/index.ts";
import { INVERTER_GENERATOR_PARAMS as P } from "./params.ts";

/** Share of its rating that an engine has left at an altitude and outdoor temperature, 0 to 1. */
export function deratingShare(altitudeM: number, outdoorC: number): number {
  const thin = clamp(1 - (P.altitudePer1000Ft.value * ftFromMetres(altitudeM)) / 1000);
  const hot = clamp(1 - P.heatPerF.value * Math.max(0, fahrenheitFromC(outdoorC) - 77));
  return thin * hot;
}

/** Current at which the electronics fold back, amps, from surge watts already derated. */
export function momentaryLimitA(surgeW: number, volts: number, factor: number = P.momentaryFactor.value): number {
  return (factor * surgeW) / volts;
}

function clamp(share: number): number {
  return Math.max(0, Math.min(1, share));
}
