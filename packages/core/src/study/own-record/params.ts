import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** What a record of one's own visits counts by. */
export const OWN_RECORD_PARAMS = {
  tonStep: { label: "Steps in which cooling is told apart", unit: "ton", value: 0.5, min: 0.1, max: 5, source: FROM_MEMORY },
  mostFitMin: {
    label: "Longest that is still one fitting, from proven dead to power",
    unit: "min",
    value: 600,
    min: 60,
    max: 1440,
    source: FROM_MEMORY,
  },
} as const satisfies ParamTable;
