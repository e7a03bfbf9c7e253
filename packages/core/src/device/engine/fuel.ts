import { ENGINE_PARAMS as P } from "./params.ts";

/**
 * Litres an hour of a petrol set: what turning costs by its size, less where eco mode lets it idle down,
 * and so much for each kilowatt-hour made.
 */
export function fuelLPerH(watts: number, ratedW: number, eco: boolean): number {
  const turning = (eco ? P.ecoLPerHPerKw : P.turningLPerHPerKw).value * (ratedW / 1000);
  return turning + P.fuelLPerKwh.value * (Math.max(0, watts) / 1000);
}
