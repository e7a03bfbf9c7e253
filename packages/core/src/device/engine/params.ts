import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** What an engine that turns a generator loses to height, heat and fuel, and what it burns. */
export const ENGINE_PARAMS = {
  altitudePer1000Ft: { label: "Loss per 1,000 ft", unit: "1", value: 0.03, min: 0, max: 0.06, source: COMMON_PRACTICE },
  steeperPer1000Ft: { label: "Loss per 1,000 ft, the steeper school", unit: "1", value: 0.035, min: 0, max: 0.06, source: FROM_MEMORY },
  heatPerF: { label: "Loss per °F above 77 °F", unit: "1/°F", value: 0.001, min: 0, max: 0.01, source: FROM_MEMORY },
  heatFromF: { label: "Outdoor air above which it loses", unit: "°F", value: 77, min: 32, max: 120, source: FROM_MEMORY },
  propaneLoss: { label: "Loss on propane", unit: "1", value: 0.1, min: 0, max: 0.4, source: FROM_MEMORY },
  fuelLPerKwh: {
    label: "Fuel for each kWh made, at half load and above",
    unit: "l/kWh",
    value: 0.475,
    min: 0.2,
    max: 1,
    spread: [0.45, 0.5],
    source: FROM_MEMORY,
  },
  idleShare: {
    label: "Fuel at idle over fuel at full load",
    unit: "1",
    value: 0.275,
    min: 0.02,
    max: 0.6,
    spread: [0.25, 0.3],
    source: FROM_MEMORY,
  },
  ecoIdleShare: { label: "The same, eco mode on", unit: "1", value: 0.14, min: 0.02, max: 0.6, source: FROM_MEMORY },
} as const satisfies ParamTable;

/** Rules of what height costs: 3 % or 3.5 % per 1,000 ft, in proportion to the air's density, or nothing. */
export const ALTITUDE_RULES = ["common", "steeper", "air-density", "none"] as const;
export type AltitudeRule = (typeof ALTITUDE_RULES)[number];
