export { type QuotePrices, USUAL_QUOTE_PRICES } from "./params.ts";
export { type Quote, spanOf, studyQuote } from "./run.ts";
