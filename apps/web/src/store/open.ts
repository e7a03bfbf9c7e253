import { RECORD_VERSIONS } from "@amp-saver/records";
import { dexieStore } from "./dexie.ts";
import { newId } from "./identity.ts";
import { memoryStore } from "./memory.ts";
import { PendingLog } from "./pending.ts";
import type { RecordStore } from "./port.ts";
import { NewerError } from "./upkeep.ts";

/** The store in use, and whether it outlives the page. */
export interface OpenStore {
  readonly store: RecordStore;
  readonly kept: boolean;
}

/** Said where a newer app has kept the records: this one would spoil them. */
export const NEWER = "newer";

/** Name of the browser's database. */
export const STORE_NAME = "amp-saver";

/** How long an opening waits for the saves of a page that is just going away, ms: a reload shows them at once. */
const LEAVING_MS = 500;

/** Held by the page that opens the records. */
const OPENING_LOCK = "amp-saver opening";

/** How long another page may take to open before this one no longer waits for it, ms. */
const OPENING_MS = 10_000;

const lockOf = (tab: string): string => `amp-saver tab ${tab}`;

/** Opens the browser's database; where it allows none, a store that lives as long as the page. */
export async function openStore(): Promise<OpenStore | typeof NEWER> {
  try {
    const log = pendingLog();
    const store = await oneAtATime(() => dexieStore(STORE_NAME, RECORD_VERSIONS, log));
    if (log !== null) {
      const finished = Promise.all(log.tabs().map((tab) => whenGone(tab, () => store.finish(tab))));
      await Promise.race([finished, new Promise((settle) => setTimeout(settle, LEAVING_MS))]);
    }
    return { store, kept: true };
  } catch (error) {
    return error instanceof NewerError ? NEWER : { store: memoryStore(), kept: false };
  }
}

/**
 * Opens in one page at a time. A page that was left while it opened may be frozen with the records half open, where the
 * browser neither ends nor asks it; but it does end a frozen page whose lock another wants.
 */
async function oneAtATime<T>(open: () => Promise<T>): Promise<T> {
  if (navigator.locks === undefined) return open();
  let began = false;
  const begin = (): Promise<T> => {
    began = true;
    return open();
  };
  try {
    return await navigator.locks.request(OPENING_LOCK, { signal: AbortSignal.timeout(OPENING_MS) }, begin);
  } catch (error) {
    if (began) throw error;
    return open();
  }
}

/** Where this tab writes its saves down; it holds a lock as long as it lives, by which others know that it does. */
function pendingLog(): PendingLog | null {
  try {
    const log = new PendingLog(localStorage, newId());
    void navigator.locks?.request(lockOf(log.tab), () => new Promise(() => undefined));
    return log;
  } catch {
    return null;
  }
}

/** Does something once a tab is gone: its lock is then free. Where there are no locks, at once. */
function whenGone(tab: string, work: () => Promise<void>): Promise<void> {
  return navigator.locks === undefined ? work() : navigator.locks.request(lockOf(tab), work);
}
