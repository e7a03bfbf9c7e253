export { QUOTE_PARAMS, QUOTE_PRICES, type QuotePrices, USUAL_QUOTE_PRICES } from "./params.ts";
export { type MinuteSpan, type PartLine, type Quote, type QuoteInput, spanOf, studyQuote, type Total, type WorkLine } from "./run.ts";
