import type { MotorStartInput } from "./input.ts";

/**
 * The same source `share` times as large: watts and bank of what makes power, with the impedance that goes
 * with them; the rating of a breaker. A grid's volts and wiring stay.
 */
export function scaledSource(source: MotorStartInput["source"], share: number): MotorStartInput["source"] {
  switch (source.kind) {
    case "circuit":
      return { ...source, breakerA: source.breakerA === null ? null : source.breakerA * share };
    case "electronic":
      return {
        ...source,
        runningW: source.runningW * share,
        surgeW: source.surgeW * share,
        shoreA: source.shoreA * share,
        endurance: source.endurance.map(({ watts, seconds }) => ({ watts: watts * share, seconds })),
        battery: source.battery && {
          ...source.battery,
          ohm: source.battery.ohm / share,
          bms: source.battery.bms && {
            continuousA: source.battery.bms.continuousA * share,
            peakA: source.battery.bms.peakA * share,
          },
        },
      };
    case "machine": {
      const ownOhm = source.seriesOhm - source.cordOhm;
      return {
        ...source,
        runningW: source.runningW * share,
        surgeW: source.surgeW * share,
        seriesOhm: source.cordOhm + ownOhm / share,
        seriesH: source.seriesH / share,
      };
    }
  }
}
