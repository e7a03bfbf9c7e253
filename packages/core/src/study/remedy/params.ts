import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** What remedies cost and how far they go, US dollars as told by people of the trade. */
export const REMEDY_PARAMS = {
  starterUsd: { label: "Soft starter", unit: "USD", value: 350, min: 0, max: 5000, spread: [300, 400], source: COMMON_PRACTICE },
  kitUsd: { label: "Hard start kit", unit: "USD", value: 55, min: 0, max: 5000, spread: [50, 60], source: COMMON_PRACTICE },
  visitUsd: { label: "A technician's visit", unit: "USD", value: 175, min: 0, max: 5000, spread: [150, 200], source: COMMON_PRACTICE },
  generatorUsd: {
    label: "A bigger generator, more than the one there is",
    unit: "USD",
    value: 2000,
    min: 0,
    max: 20000,
    source: COMMON_PRACTICE,
  },
  biggerFactor: { label: "Bigger generator over the one there is", unit: "1", value: 1.6, min: 1.1, max: 4, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
