import type { ParamTable } from "../../quantity/index.ts";

const OWN = "a decision of this product";

/** Where answers turn. */
export const ASSESS_PARAMS = {
  fitsShare: { label: "Share of tries that must work for an answer to fit", unit: "1", value: 0.95, min: 0.5, max: 1, source: OWN },
  tooMuchShare: { label: "Share of tries below which it does not fit", unit: "1", value: 0.5, min: 0.1, max: 0.95, source: OWN },
  triesToSay: { label: "Tries it takes to say", unit: "1", value: 100, min: 20, max: 1000, source: OWN },
} as const satisfies ParamTable;
