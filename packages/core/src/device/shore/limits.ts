import { SHORE_PARAMS as P } from "./params.ts";

/** Amps a hook-up may carry for three hours and more. */
export function continuousA(breakerA: number): number {
  return breakerA * P.continuousShare.value;
}
