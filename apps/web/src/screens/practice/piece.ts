/** What a hand can hold over the bench. */
export const PIECES = ["one", "two", "clamp", "hand"] as const;
export type Piece = (typeof PIECES)[number];
