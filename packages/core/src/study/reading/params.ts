import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** How readings are judged. */
export const READING_PARAMS = {
  mostOverLocked: {
    label: "Largest believable start reading over locked rotor amps",
    unit: "1",
    value: 1.25,
    min: 1,
    max: 2,
    source: COMMON_PRACTICE,
  },
  outlierShare: {
    label: "Distance from the middle of three or more that makes an outlier",
    unit: "1",
    value: 0.25,
    min: 0.05,
    max: 1,
    source: COMMON_PRACTICE,
  },
  expectedLow: {
    label: "Reduction expected of a starter that has learned, least",
    unit: "1",
    value: 0.55,
    min: 0.2,
    max: 0.9,
    source: COMMON_PRACTICE,
  },
  expectedHigh: {
    label: "Reduction expected of a starter that has learned, most",
    unit: "1",
    value: 0.75,
    min: 0.2,
    max: 0.95,
    source: COMMON_PRACTICE,
  },
  leastRestMin: {
    label: "Least rest before a start that is read, so that pressures are equal",
    unit: "min",
    value: 3,
    min: 1,
    max: 10,
    source: COMMON_PRACTICE,
  },
  runningBand: {
    label: "Distance of running amps from what plate and weather give that is worth a look",
    unit: "1",
    value: 0.2,
    min: 0.05,
    max: 0.6,
    source: COMMON_PRACTICE,
  },
  wanted: { label: "Readings wanted on each side", unit: "1", value: 3, min: 1, max: 9, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
