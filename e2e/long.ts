/**
 * Mark of what `npm test` leaves out to end in time, and `npm run test:long` runs: jobs gone through once more (every
 * screen, variant and version, cuts and kills, a full device) and what stands beside the way from survey to hand over
 * (guide, library, files between two phones, logbook and quotes, photos, makers' sheets, plates by camera, starts by
 * ear, lessons).
 */
export const LONG = { tags: "long" };
