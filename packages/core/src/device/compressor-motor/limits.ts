import { celsiusFromF } from "../../quantity/index.ts";
import { isHighVolts } from "../../reference/index.ts";
import { COMPRESSOR_MOTOR_PARAMS as P } from "./params.ts";

/** Share of synchronous speed at which a start counts as made. */
export const STARTED_SHARE = P.startedShare.value;
/** Voltage at the unit below which a motor is not to be run, over the plate's. */
export const LOWEST_PLATE_SHARE = P.lowestPlateShare.value;
/** Voltage at the unit that asks for a warning, over the system's nominal. */
export const WARN_NOMINAL_SHARE = P.warnNominalShare.value;
const RATING_C = celsiusFromF(95);

/** Running current at an outdoor temperature over that at 95 °F. */
export function runningShareAt(outdoorC: number): number {
  const overF = (outdoorC - RATING_C) * 1.8;
  return overF >= 0 ? 1 + P.hotterPerF.value * overF : Math.max(0.3, 1 + P.coolerPerF.value * overF);
}

/** The system's nominal voltage that goes with a plate's: 120 or 240 V at 60 Hz, 230 V at 50 Hz for the 230 V class. */
export function nominalVolts(plateVolts: number, hz: number): number {
  if (!isHighVolts(plateVolts)) return 120;
  return hz === 50 ? 230 : 240;
}
