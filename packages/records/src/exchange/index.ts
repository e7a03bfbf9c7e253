export { FORMULA, fromHarmless } from "./csv-text.ts";
export { fileStem, type Offer, type OfferView, offerImport, offerView, readIn, rigSlug } from "./import.ts";
export { AT_HOME, changesOf, sharingFor, type Travels, travelled } from "./sharing.ts";
