import { ENGINE_PARAMS as P } from "./params.ts";

/** Share of the rating from which fuel goes in proportion to watts. */
const HALF = 0.5;

/**
 * Litres an hour of a gasoline set: so much for each kilowatt-hour at half load and above; below, in a
 * straight line from what idling costs, less where eco mode lets it turn slower.
 */
export function fuelLPerH(watts: number, ratedW: number, eco: boolean): number {
  const fullLPerH = P.fuelLPerKwh.value * (ratedW / 1000);
  const share = Math.max(0, watts) / ratedW;
  if (share >= HALF) return fullLPerH * share;
  const idle = (eco ? P.ecoIdleShare : P.idleShare).value;
  return fullLPerH * (idle + (HALF - idle) * (share / HALF));
}
