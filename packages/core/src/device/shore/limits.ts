import { fail, ok, type Result } from "../../quantity/index.ts";
import { SHORE_PARAMS as P } from "./params.ts";

/** Amps a hook-up may carry for three hours and more. */
export function continuousA(breakerA: number): number {
  return breakerA * P.continuousShare.value;
}

/** Volts at the rig without a load and with one, and that load's amps. */
export interface SagReading {
  readonly idleV: number;
  readonly loadedV: number;
  readonly amps: number;
}

/** Why a pair of volt readings gives no resistance. */
export type SagFailure = "rises-under-load" | "load-too-small" | "too-large";

/** Least load that tells volts of sag from a meter's own noise, A (common practice, no source). */
const LEAST_SAG_A = 3;

/** Resistance of everything behind the rig from volts without and with a load, ohm, resistive load assumed. */
export function ohmFromSag({ idleV, loadedV, amps }: SagReading): Result<number, SagFailure> {
  if (amps < LEAST_SAG_A) return fail("load-too-small", "amps");
  if (loadedV > idleV) return fail("rises-under-load", "loadedV");
  const ohm = (idleV - loadedV) / amps;
  return ohm > P.ohm.max ? fail("too-large", "loadedV") : ok(ohm);
}
