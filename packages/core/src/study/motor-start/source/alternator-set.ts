import { GeneratorEquations } from "../../../device/generator/index.ts";
import type { AlternatorSource } from "../input.ts";
import type { SourceModel } from "./model.ts";

/** A conventional set: its regulator holds the volts at its terminals, its engine slows under load. */
export function alternatorModel(source: AlternatorSource): SourceModel {
  const { volts, seriesOhm, seriesH, cordOhm, runningW, surgeW, surgeS } = source;
  return {
    equations: (hz, closingRad, loadsA) =>
      new GeneratorEquations({ ...source, hz, engineW: surgeW }, seriesOhm, seriesH, cordOhm, closingRad, loadsA),
    steadySeries: () => [cordOhm, 0],
    scaled: (share) => ({
      ...source,
      runningW: runningW * share,
      surgeW: surgeW * share,
      seriesOhm: cordOhm + (seriesOhm - cordOhm) / share,
      seriesH: seriesH / share,
    }),
    atVolts: (at) => ({ ...source, volts: at }),
    breaker: null,
    bank: null,
    startLimitA: surgeW / volts,
    carriedW: runningW,
    shoreW: 0,
    ratings: [{ watts: surgeW, seconds: surgeS }],
    dropOutS: null,
    turns: true,
    eco: source.eco,
  };
}
