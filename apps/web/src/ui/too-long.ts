/** Longest a worker may work on one question, ms: what is longer is ended and replaced, so that nothing waits for ever. */
export const LIMIT_MS = 10_000;

/** What a failure says when a worker was ended for taking too long. */
export const TOO_LONG = "took too long";
