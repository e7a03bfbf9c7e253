import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** Figures of mounting. */
export const MOUNTING_PARAMS = {
  screwSpareM: { label: "What must be left behind a screw’s tip", unit: "m", value: 0.006, min: 0.001, max: 0.05, source: COMMON_PRACTICE },
  tapeMostC: { label: "Hottest that mounting tape holds", unit: "°C", value: 80, min: 40, max: 150, source: COMMON_PRACTICE },
  slackM: { label: "Lead to spare along its way", unit: "m", value: 0.05, min: 0, max: 0.5, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
