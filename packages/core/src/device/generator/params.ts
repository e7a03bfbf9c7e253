import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A conventional generator set: synchronous machine with voltage regulator, engine with governor. Per unit on running watts. */
export const GENERATOR_PARAMS = {
  xd: { label: "Transient reactance", unit: "pu", value: 0.25, min: 0.01, max: 2, spread: [0.18, 0.35], source: FROM_MEMORY },
  r: { label: "Armature resistance", unit: "pu", value: 0.02, min: 0, max: 0.3, source: FROM_MEMORY },
  avrTimeConstantS: {
    label: "Lag of the voltage regulator and field",
    unit: "s",
    value: 0.4,
    min: 0.001,
    max: 10,
    spread: [0.25, 0.6],
    source: FROM_MEMORY,
  },
  regulatorGain: { label: "Field voltage per unit of missing volts", unit: "1", value: 10, min: 1, max: 100, source: FROM_MEMORY },
  fieldCeilingPu: {
    label: "Ceiling of the field voltage",
    unit: "pu",
    value: 2,
    min: 0.5,
    max: 5,
    spread: [1.6, 2.4],
    source: FROM_MEMORY,
  },
  inertiaConstantS: { label: "Inertia constant", unit: "s", value: 0.7, min: 0.01, max: 20, spread: [0.45, 1], source: FROM_MEMORY },
  governorTimeConstantS: {
    label: "Lag of the governor",
    unit: "s",
    value: 0.2,
    min: 0.001,
    max: 10,
    spread: [0.12, 0.35],
    source: FROM_MEMORY,
  },
  droop: { label: "Loss of speed from no load to full load", unit: "pu", value: 0.05, min: 0.005, max: 0.2, source: FROM_MEMORY },
  badlyShare: { label: "Speed below which it runs badly", unit: "pu", value: 0.8, min: 0.5, max: 0.98, source: COMMON_PRACTICE },
  stallShare: { label: "Speed below which it stalls", unit: "pu", value: 0.65, min: 0.3, max: 0.9, source: COMMON_PRACTICE },
  contactorShare: {
    label: "Share of supply below which a 24 V contactor lets go",
    unit: "1",
    value: 0.6,
    min: 0.3,
    max: 0.9,
    source: FROM_MEMORY,
  },
  contactorS: { label: "Time below that before it lets go", unit: "s", value: 0.02, min: 0.004, max: 1, source: FROM_MEMORY },
} as const satisfies ParamTable;
