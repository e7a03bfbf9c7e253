export { calendarFile } from "./calendar.ts";
export { fileStem, type Offer, type OfferView, offerImport, offerView, readIn, rigSlug } from "./import.ts";
export { type LoadsFailure, readLoads, writeLoads } from "./load-csv.ts";
export { fromPieces, type Pieces, piecesOf, withPieces } from "./pieces.ts";
export { readingsCsv } from "./readings-csv.ts";
export { changesOf, NOTHING_SHARED, type SharedStates, sharingFor, withState } from "./sharing.ts";
