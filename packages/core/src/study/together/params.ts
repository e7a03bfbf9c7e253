import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** Figures of what is on beside a start. */
export const TOGETHER_PARAMS = {
  byItselfShare: {
    label: "Share of starts that find a load on which comes on by itself",
    unit: "1",
    value: 0.5,
    min: 0.1,
    max: 1,
    source: COMMON_PRACTICE,
  },
} as const satisfies ParamTable;
