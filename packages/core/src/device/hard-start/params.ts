import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A start capacitor across the run capacitor until the rotor comes up, taken out by a potential relay or a PTC. */
export const HARD_START_PARAMS = {
  startCapacitorUf: { label: "Start capacitor", unit: "µF", value: 150, min: 10, max: 600, spread: [90, 210], source: FROM_MEMORY },
  pickUpShare: {
    label: "Share of synchronous speed at which its volts pull a potential relay in, on plate volts",
    unit: "1",
    value: 0.78,
    min: 0.5,
    max: 0.95,
    spread: [0.7, 0.86],
    source: FROM_MEMORY,
  },
  coldOhm: { label: "PTC, cold", unit: "ohm", value: 15, min: 3, max: 60, spread: [10, 25], source: FROM_MEMORY },
  hotOhm: { label: "PTC, hot", unit: "ohm", value: 30_000, min: 1000, max: 200_000, source: FROM_MEMORY },
  switchC: { label: "Temperature at which a PTC switches", unit: "°C", value: 120, min: 60, max: 180, source: FROM_MEMORY },
  steepK: {
    label: "Kelvin in which its resistance grows by a factor e, above that",
    unit: "K",
    value: 3.5,
    min: 1,
    max: 15,
    source: FROM_MEMORY,
  },
  heatJPerK: { label: "Heat a PTC takes for each kelvin", unit: "J/K", value: 3, min: 0.3, max: 20, spread: [2, 4.5], source: FROM_MEMORY },
  coolingS: {
    label: "Time constant in which a PTC cools",
    unit: "s",
    value: 75,
    min: 10,
    max: 600,
    spread: [50, 120],
    source: COMMON_PRACTICE,
  },
  outOhm: {
    label: "Resistance above which a PTC gives no aid any more",
    unit: "ohm",
    value: 500,
    min: 50,
    max: 10_000,
    source: FROM_MEMORY,
  },
} as const satisfies ParamTable;
