import { startsUntilTrip } from "../../device/breaker/index.ts";
import type { StartTrace } from "./record.ts";
import type { BreakerRow } from "./result.ts";

/** Rest between starts that a breaker is judged by, s: what most learning rules ask (common practice, no source). */
const REST_S = 240;
/** Starts in a row that anybody makes while a starter learns (common practice, no source). */
export const STARTS_IN_A_ROW = 8;

/** How a breaker fares when this start is repeated with rests; null where no breaker is judged. */
export function breakerRow(trace: StartTrace): BreakerRow | null {
  const dose = trace.breakerDose;
  if (dose === null) return null;
  return { restS: REST_S, mayTripAt: startsUntilTrip(dose.earliest, REST_S), tripsAt: startsUntilTrip(dose.latest, REST_S) };
}
