import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** What a job costs besides the starter: an installer's own price list begins with these. */
export const QUOTE_PARAMS = {
  hourUsd: { label: "An hour of work", unit: "USD", value: 95, min: 0, max: 1000, source: FROM_MEMORY },
  terminalUsd: { label: "A crimped terminal", unit: "USD", value: 0.8, min: 0, max: 100, source: FROM_MEMORY },
  spliceUsd: { label: "A splice", unit: "USD", value: 1.5, min: 0, max: 100, source: FROM_MEMORY },
  sundriesUsd: { label: "Tape, ties, putty, sealant and labels", unit: "USD", value: 15, min: 0, max: 1000, source: FROM_MEMORY },
  aroundMin: { label: "Isolating, mounting, closing", unit: "min", value: 45, min: 0, max: 600, source: FROM_MEMORY },
  travelMin: { label: "Way there and back", unit: "min", value: 30, min: 0, max: 1440, source: FROM_MEMORY },
  proveMin: { label: "Readings before and after", unit: "min", value: 20, min: 0, max: 480, source: FROM_MEMORY },
  taxPercent: { label: "Tax on everything", unit: "%", value: 0, min: 0, max: 100, source: FROM_MEMORY },
  quickShare: { label: "A quick fitting over the usual minutes", unit: "1", value: 0.75, min: 0.1, max: 1, source: FROM_MEMORY },
  slowShare: { label: "A slow fitting over the usual minutes", unit: "1", value: 1.6, min: 1, max: 10, source: FROM_MEMORY },
  validDays: { label: "How long a quote holds", unit: "days", value: 30, min: 1, max: 365, source: FROM_MEMORY },
} as const satisfies ParamTable;

/** Entries that an installer puts in place of the table's. */
export const QUOTE_PRICES = [
  "hourUsd",
  "terminalUsd",
  "spliceUsd",
  "sundriesUsd",
  "aroundMin",
  "travelMin",
  "proveMin",
  "taxPercent",
] as const;
export type QuotePrices = Readonly<Record<(typeof QUOTE_PRICES)[number], number>>;

/** The table's entries. */
export const USUAL_QUOTE_PRICES: QuotePrices = {
  hourUsd: QUOTE_PARAMS.hourUsd.value,
  terminalUsd: QUOTE_PARAMS.terminalUsd.value,
  spliceUsd: QUOTE_PARAMS.spliceUsd.value,
  sundriesUsd: QUOTE_PARAMS.sundriesUsd.value,
  aroundMin: QUOTE_PARAMS.aroundMin.value,
  travelMin: QUOTE_PARAMS.travelMin.value,
  proveMin: QUOTE_PARAMS.proveMin.value,
  taxPercent: QUOTE_PARAMS.taxPercent.value,
};
