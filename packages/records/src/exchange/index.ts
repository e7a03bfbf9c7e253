export { FORMULA, fromHarmless } from "./csv-text.ts";
export { fileStem, type Offer, type OfferView, offerImport, offerView, type ReadIn, readIn, rigSlug } from "./import.ts";
export { AT_HOME, changesOf, commonState, mergeIncoming, sharingFor, type Travels, travelled } from "./sharing.ts";
