import { metresFromFt } from "../../quantity/index.ts";
import { conductorOf, type Gauge } from "../../reference/index.ts";
import { CORD_PARAMS as P } from "./params.ts";

/** One cord; an adapter is a short one. */
export interface Cord {
  readonly awg: Gauge;
  readonly lengthM: number;
}

/** Resistance of a row of cords, both conductors and a plug each, ohm at the table's 75 °C. */
export function cordsOhm(cords: readonly Cord[]): number {
  return cords.reduce((sum, { awg, lengthM }) => sum + 2 * ohmPerM(awg) * lengthM + P.contactOhm.value, 0);
}

/** Inductance of a row of cords, H. */
export function cordsH(cords: readonly Cord[]): number {
  return cords.reduce((sum, { lengthM }) => sum + P.henryPerM.value * lengthM, 0);
}

/** Resistance of one conductor, ohm per metre. */
export function ohmPerM(awg: Gauge): number {
  return conductorOf(awg).ohmPer1000Ft / metresFromFt(1000);
}
