import { RECORD_VERSIONS } from "@amp-saver/records";
import { dexieStore } from "./dexie.ts";
import { memoryStore } from "./memory.ts";
import type { RecordStore } from "./port.ts";

/** The store in use, and whether it outlives the page. */
export interface OpenStore {
  readonly store: RecordStore;
  readonly kept: boolean;
}

/** Name of the browser's database. */
export const STORE_NAME = "amp-saver";

/** Opens the browser's database; where it allows none, a store that lives as long as the page. */
export async function openStore(): Promise<OpenStore> {
  try {
    return { store: await dexieStore(STORE_NAME, RECORD_VERSIONS), kept: true };
  } catch {
    return { store: memoryStore(), kept: false };
  }
}
