/**
 * Mark of what goes the way of another test once more: every screen, variant and version, under cuts and kills, on a
 * full device, by another's camera or ear. `npm test` leaves it out; `npm run test:long` runs just this.
 */
export const LONG = { tags: "long" };
