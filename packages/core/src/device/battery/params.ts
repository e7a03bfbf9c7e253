import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A battery bank and the inverter that hangs on it. */
export const BATTERY_PARAMS = {
  volts: { label: "Open-circuit volts", unit: "V", value: 12.8, min: 9, max: 120, source: FROM_MEMORY },
  ohm: {
    label: "Internal resistance with its cables, 12 V class",
    unit: "ohm",
    value: 0.008,
    min: 0.0001,
    max: 1,
    spread: [0.004, 0.015],
    source: FROM_MEMORY,
  },
  efficiency: { label: "Inverter's efficiency", unit: "1", value: 0.9, min: 0.5, max: 1, spread: [0.85, 0.94], source: FROM_MEMORY },
  depth: { label: "Share of the bank to be used", unit: "1", value: 0.8, min: 0.1, max: 1, spread: [0.5, 0.95], source: FROM_MEMORY },
  depthLead: { label: "The same, lead batteries", unit: "1", value: 0.5, min: 0.1, max: 1, source: COMMON_PRACTICE },
  chargeEfficiency: { label: "Charger's efficiency", unit: "1", value: 0.85, min: 0.5, max: 1, source: FROM_MEMORY },
  chargeOverRest: { label: "Charging volts over volts at rest", unit: "1", value: 1.1, min: 1, max: 1.3, source: FROM_MEMORY },
  cutOffShare: {
    label: "Low-voltage cut-off over open-circuit volts",
    unit: "1",
    value: 0.82,
    min: 0.5,
    max: 1,
    source: COMMON_PRACTICE,
  },
  cutOffS: { label: "Time below the cut-off before it lets go", unit: "s", value: 1, min: 0.01, max: 30, source: FROM_MEMORY },
} as const satisfies ParamTable;
