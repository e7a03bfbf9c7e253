import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** Kinds of battery. */
export const CHEMISTRIES = ["lithium", "agm", "flooded"] as const;
export type Chemistry = (typeof CHEMISTRIES)[number];

/** Resistance of a 12.8 V block of 100 Ah. */
const perBlock = (kind: string, value: number, spread: readonly [number, number]) => ({
  label: `Resistance of a 12.8 V block of 100 Ah, ${kind}`,
  unit: "ohm",
  value,
  min: 0.0005,
  max: 0.2,
  spread,
  source: FROM_MEMORY,
});

/** A battery bank and the inverter that hangs on it. */
export const BATTERY_PARAMS = {
  volts: { label: "Open-circuit volts", unit: "V", value: 12.8, min: 9, max: 120, source: FROM_MEMORY },
  lithiumOhm: perBlock("lithium", 0.01, [0.006, 0.018]),
  agmOhm: perBlock("AGM", 0.006, [0.004, 0.011]),
  floodedOhm: perBlock("flooded", 0.008, [0.005, 0.015]),
  cableOhm: {
    label: "Cables and fuse of a bank",
    unit: "ohm",
    value: 0.002,
    min: 0,
    max: 0.1,
    spread: [0.001, 0.004],
    source: FROM_MEMORY,
  },
  energyWh: {
    label: "What a bank holds where nobody said",
    unit: "Wh",
    value: 2560,
    min: 200,
    max: 100_000,
    spread: [1280, 5120],
    source: FROM_MEMORY,
  },
  bmsContinuousC: {
    label: "Amps a lithium bank's BMS carries for good, over its amp-hours",
    unit: "1/h",
    value: 1,
    min: 0.2,
    max: 5,
    spread: [0.7, 1.2],
    source: FROM_MEMORY,
  },
  bmsPeakC: {
    label: "Amps at which it cuts out, over its amp-hours",
    unit: "1/h",
    value: 2,
    min: 0.5,
    max: 10,
    spread: [1.5, 3],
    source: FROM_MEMORY,
  },
  peukertLead: { label: "Peukert's exponent, lead", unit: "1", value: 1.2, min: 1, max: 1.6, source: FROM_MEMORY },
  peukertLithium: { label: "Peukert's exponent, lithium", unit: "1", value: 1.05, min: 1, max: 1.3, source: FROM_MEMORY },
  ratedHours: { label: "Hours over which amp-hours are rated", unit: "h", value: 20, min: 1, max: 100, source: COMMON_PRACTICE },
  efficiency: { label: "Inverter's efficiency", unit: "1", value: 0.9, min: 0.5, max: 1, spread: [0.85, 0.94], source: FROM_MEMORY },
  idleW: {
    label: "What an inverter draws of its bank by itself",
    unit: "W",
    value: 20,
    min: 0,
    max: 200,
    spread: [8, 40],
    source: FROM_MEMORY,
  },
  chargerPf: { label: "Power factor of a charger", unit: "1", value: 0.65, min: 0.4, max: 1, spread: [0.6, 0.7], source: FROM_MEMORY },
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
  cutOffTolerance: {
    label: "How well a cut-off nobody read is known, relative",
    unit: "1",
    value: 0.03,
    min: 0,
    max: 0.2,
    source: FROM_MEMORY,
  },
} as const satisfies ParamTable;
