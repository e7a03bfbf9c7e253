import { ShoreEquations } from "../../../device/shore/index.ts";
import type { CircuitSource } from "../input.ts";
import type { SourceModel } from "./model.ts";

/** A circuit of the grid: stiff volts behind a line, and a breaker. */
export function circuitModel(source: CircuitSource): SourceModel {
  const { volts, seriesOhm, seriesH, breakerA, band } = source;
  return {
    equations: (hz, closingRad, loadsA) => new ShoreEquations(volts, hz, seriesOhm, seriesH, closingRad, loadsA),
    steadySeries: (hz) => [seriesOhm, 2 * Math.PI * hz * seriesH],
    scaled: (share) => ({ ...source, breakerA: breakerA === null ? null : breakerA * share }),
    atVolts: (at) => ({ ...source, volts: at, breakerA: null }),
    breaker: breakerA === null ? null : { ratingA: breakerA, band },
    bank: null,
    startLimitA: null,
    carriedW: null,
    shoreW: 0,
    ratings: [],
    dropOutS: null,
    turns: false,
    eco: false,
  };
}
