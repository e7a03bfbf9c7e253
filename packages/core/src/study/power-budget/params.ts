import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";
import { CODE_PARAMS } from "../../reference/index.ts";

/** Figures of the counting. */
export const BUDGET_PARAMS = {
  continuousFactor: CODE_PARAMS.continuousFactor,
  motorFactor: CODE_PARAMS.motorFactor,
  momentaryFactor: {
    label: "Momentary amps over surge watts ÷ volts",
    unit: "1",
    value: 1.5,
    min: 1,
    max: 3,
    source: FROM_MEMORY,
  },
  settleS: {
    label: "Seconds until a set or an inverter is steady again after a start",
    unit: "s",
    value: 15,
    min: 2,
    max: 60,
    source: COMMON_PRACTICE,
  },
  tightShare: {
    label: "Spare below which a budget only just fits, as a share of what is counted",
    unit: "1",
    value: 0.05,
    min: 0,
    max: 0.3,
    source: "common practice, no source: running amps are known to about so much",
  },
  priorityBase: {
    label: "How many loads of one priority weigh as much as one of the next",
    unit: "1",
    value: 4,
    min: 2,
    max: 10,
    source: "a decision of this product",
  },
} as const satisfies ParamTable;

/** Priorities from the one to keep to the first to go. */
export const PRIORITIES = [1, 2, 3, 4, 5] as const;

/** Loads of which every combination can be looked at. */
export const MOST_LOADS = 24;
