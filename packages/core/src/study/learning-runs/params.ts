import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** What bounds a learning rule, and when learning has settled. */
export const LEARNING_RUN_PARAMS = {
  leastRestS: {
    label: "Least rest between two starts, so that pressures are equal",
    unit: "s",
    value: 180,
    min: 60,
    max: 600,
    source: COMMON_PRACTICE,
  },
  settledWithin: {
    label: "Two peaks in a row that differ by less have settled",
    unit: "1",
    value: 0.05,
    min: 0.01,
    max: 0.3,
    source: COMMON_PRACTICE,
  },
  overlong: { label: "Run longer than its rule that is said", unit: "s", value: 120, min: 10, max: 3600, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
