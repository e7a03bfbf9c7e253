import { mostAcW } from "../../../device/battery/index.ts";
import { InverterGeneratorEquations, momentaryLimitA } from "../../../device/inverter-generator/index.ts";
import type { ElectronicSource } from "../input.ts";
import type { SourceModel } from "./model.ts";

const ENDLESS = Number.POSITIVE_INFINITY;

/** A generator or battery inverter with electronics: its current folds back, then it shuts off. */
export function electronicModel(source: ElectronicSource): SourceModel {
  const { volts, seriesOhm, seriesH, battery, dropOutShare, dropOutS, endurance, runningW } = source;
  const shoreW = source.shoreA * volts;
  const foldbackA = momentaryLimitA(source.surgeW, volts, source.momentaryFactor) + source.shoreA;
  const limits = source.foldback
    ? { limitA: foldbackA, mostW: battery === null ? ENDLESS : mostAcW(battery) + shoreW, dropOutShare, dropOutS }
    : { limitA: ENDLESS, mostW: ENDLESS, dropOutShare, dropOutS };
  return {
    equations: (hz, closingRad, loadsA) => new InverterGeneratorEquations(volts, hz, seriesOhm, seriesH, closingRad, loadsA, limits),
    steadySeries: (hz) => [seriesOhm, 2 * Math.PI * hz * seriesH],
    scaled: (share) => ({
      ...source,
      runningW: runningW * share,
      surgeW: source.surgeW * share,
      shoreA: source.shoreA * share,
      endurance: endurance.map(({ watts, seconds }) => ({ watts: watts * share, seconds })),
      battery: battery && {
        ...battery,
        ohm: battery.ohm / share,
        bms: battery.bms && { continuousA: battery.bms.continuousA * share, peakA: battery.bms.peakA * share },
      },
    }),
    atVolts: (at) => ({ ...source, volts: at }),
    breaker: null,
    bank: battery,
    startLimitA: foldbackA,
    carriedW: runningW + shoreW,
    shoreW,
    ratings: endurance.map(({ watts, seconds }) => ({ watts: watts + shoreW, seconds })),
    dropOutS,
    turns: false,
    eco: source.eco,
  };
}
