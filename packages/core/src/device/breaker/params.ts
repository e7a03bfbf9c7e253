import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A thermal-magnetic breaker; its band is a cited table of the reference folder. */
export const BREAKER_PARAMS = {
  coolingS: { label: "Time constant of cooling between starts", unit: "s", value: 300, min: 10, max: 3600, source: FROM_MEMORY },
} as const satisfies ParamTable;
