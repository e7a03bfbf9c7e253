export { FORMULA, fromHarmless } from "./csv-text.ts";
export { fileStem, type Offer, type OfferView, offerImport, offerView, readIn, rigSlug } from "./import.ts";
export { changesOf, NOTHING_SHARED, type SharedStates, sharingFor, withState } from "./sharing.ts";
