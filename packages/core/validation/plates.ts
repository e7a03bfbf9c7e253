import { quantity } from "../src/quantity/index.ts";
import type { StartCase, UnitCase } from "../src/study/motor-start/index.ts";

const plate = (value: number) => quantity(value, "plate");

/** 13,500 BTU/h rooftop unit, 115 V. */
export const ROOFTOP: UnitCase = {
  plateVolts: 115,
  hz: 60,
  lockedRotorA: plate(63),
  ratedLoadA: plate(13.2),
  fanA: plate(2.5),
  runCapacitorF: plate(45e-6),
  startAidF: 0,
};

/** 48,000 BTU/h condenser, 230 V. */
export const CONDENSER: UnitCase = { plateVolts: 230, hz: 60, lockedRotorA: plate(117), runCapacitorF: plate(70e-6), startAidF: 0 };

/** A rested start of a unit on a stiff circuit, 95 °F, nothing else on. */
export function stiffStart(unit: UnitCase, method: StartCase["method"]): StartCase {
  const volts = plate(unit.plateVolts < 160 ? 120 : 240);
  return { unit, method, source: { kind: "ideal", volts, ohm: plate(0.05), henry: plate(1e-4) }, backgroundA: 0, outdoorC: 35, seconds: 3 };
}

/** The same on an inverter generator of the given watts. */
export function generatorStart(unit: UnitCase, method: StartCase["method"], runningW: number, surgeW: number): StartCase {
  const base = stiffStart(unit, method);
  return {
    ...base,
    source: { kind: "inverter-generator", volts: base.source.volts, runningW: plate(runningW), surgeW: plate(surgeW), altitudeM: 0 },
  };
}

/** The same on a conventional set of the given watts. */
export function setStart(unit: UnitCase, method: StartCase["method"], runningW: number, surgeW: number): StartCase {
  const base = stiffStart(unit, method);
  return {
    ...base,
    source: { kind: "generator", volts: base.source.volts, runningW: plate(runningW), surgeW: plate(surgeW), altitudeM: 0 },
  };
}
