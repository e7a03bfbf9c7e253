import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** What a proof asks for. */
export const PROOF_PARAMS = {
  goalMin: {
    label: "Run on the weak source that shows it keeps running",
    unit: "min",
    value: 30,
    min: 10,
    max: 240,
    source: COMMON_PRACTICE,
  },
  mildC: {
    label: "Cooler than the rig's hottest day by more than this shows little of that day",
    unit: "K",
    value: 5,
    min: 1,
    max: 20,
    source: COMMON_PRACTICE,
  },
  draws: {
    label: "Units drawn for what readings should show",
    unit: "1",
    value: 32,
    min: 10,
    max: 500,
    source: "a decision of this product",
  },
  predictedBand: {
    label: "Distance of a reading from what was predicted that is still the same",
    unit: "1",
    value: 0.2,
    min: 0.05,
    max: 0.5,
    source: COMMON_PRACTICE,
  },
} as const satisfies ParamTable;
