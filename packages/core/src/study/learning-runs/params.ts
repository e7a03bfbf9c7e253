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
  settledTrend: {
    label: "Trend over the last three peaks, a run, below which they have settled",
    unit: "1",
    value: 0.042,
    min: 0.01,
    max: 0.2,
    source: "half of a fall of 8 % a run, twice the scatter of a trend over three readings that scatter by 3 %",
  },
  movingStep: {
    label: "Two peaks further apart than this have not settled, whatever the next one shows",
    unit: "1",
    value: 0.15,
    min: 0.05,
    max: 0.5,
    source: COMMON_PRACTICE,
  },
  shortShare: {
    label: "Share of a rule's run or rest that may be missing and it still counts",
    unit: "1",
    value: 0.1,
    min: 0,
    max: 0.5,
    source: COMMON_PRACTICE,
  },
  overlong: { label: "Run longer than its rule that is said", unit: "s", value: 120, min: 10, max: 3600, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
