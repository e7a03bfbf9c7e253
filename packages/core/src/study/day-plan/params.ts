import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A thermostat's day. */
export const DAY_PARAMS = {
  coolestHour: { label: "Coolest hour", unit: "h", value: 5, min: 0, max: 12, source: FROM_MEMORY },
  hottestHour: { label: "Hottest hour", unit: "h", value: 16, min: 12, max: 23, source: FROM_MEMORY },
  balanceC: { label: "Outdoor air at which a unit need not run", unit: "°C", value: 21, min: 5, max: 35, source: FROM_MEMORY },
  fullC: { label: "Outdoor air at which it runs without a stop", unit: "°C", value: 38, min: 25, max: 55, source: FROM_MEMORY },
  cyclesPerHour: { label: "Most cycles an hour, at half duty", unit: "1/h", value: 3, min: 1, max: 6, source: COMMON_PRACTICE },
  nightCoolerC: {
    label: "How much cooler the coolest hour is",
    unit: "K",
    value: 13,
    min: 0,
    max: 30,
    source: FROM_MEMORY,
  },
  workedOutAtC: { label: "Air at which a unit's watts are found", unit: "°C", value: 35, min: 20, max: 50, source: COMMON_PRACTICE },
  chargeAtStart: { label: "What a bank holds at midnight", unit: "1", value: 0.8, min: 0, max: 1, source: FROM_MEMORY },
  chargeEfficiency: { label: "Charger and bank, in", unit: "1", value: 0.85, min: 0.5, max: 1, source: FROM_MEMORY },
} as const satisfies ParamTable;

/** Length of a step, minutes, and steps of a day. */
export const STEP_MIN = 5;
export const STEPS = 288;
