import { setTimeout as pause } from "node:timers/promises";

class NotYet {
  readonly saw: unknown;
  constructor(saw: unknown) {
    this.saw = saw;
  }
}
/** What was seen instead of what is waited for. */
export const notYet = (saw: unknown): NotYet => new NotYet(saw);

/** How long anything is waited for before it is taken to have failed, ms: what is there soon on a machine that rests may take minutes on one that is busy. */
export const PATIENCE_MS = 150_000;

/** How soon is looked again at first, and at most how late later, ms. */
const FIRST_LOOK_MS = 12;
const LAST_LOOK_MS = 100;

/** Waits until a check holds, and says what it last saw when it does not. */
export async function until<T>(what: string, look: () => Promise<T | NotYet | undefined | false | null>, ms = PATIENCE_MS): Promise<T> {
  const end = Date.now() + ms;
  let last: unknown;
  for (let again = FIRST_LOOK_MS; Date.now() < end; again = Math.min(2 * again, LAST_LOOK_MS)) {
    const seen = await look();
    if (seen instanceof NotYet) last = seen.saw;
    else if (seen !== undefined && seen !== false && seen !== null) return seen;
    await pause(again);
  }
  throw new Error(`waited in vain for ${what}; last saw ${JSON.stringify(last)}`);
}
