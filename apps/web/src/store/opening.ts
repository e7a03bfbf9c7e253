import { lateStore } from "./late.ts";
import type { NEWER, OpenStore } from "./open.ts";
import type { RecordStore } from "./port.ts";

/** How long the records may take to open before that is said, ms. */
const SLOW_OPEN_MS = 4000;

/** How far the opening of the records has come. */
export type Opening = "opening" | "slow" | "kept" | "not-kept" | typeof NEWER;

/** The records while they open: a store to ask at once, and how far its opening has come. */
export interface OpeningStore {
  readonly store: RecordStore;
  readonly state: () => Opening;
  readonly watch: (tell: () => void) => () => void;
}

/** Begins to open; the first picture does not wait for it. */
export function beginOpening(open: () => Promise<OpenStore | typeof NEWER>): OpeningStore {
  let state: Opening = "opening";
  const watching = new Set<() => void>();
  const become = (next: Opening): void => {
    state = next;
    for (const tell of watching) tell();
  };
  const slow = setTimeout(() => become("slow"), SLOW_OPEN_MS);
  const store = new Promise<RecordStore>((settle) => {
    void open().then(
      (opened) => {
        clearTimeout(slow);
        if (typeof opened === "string") return become(opened);
        become(opened.kept ? "kept" : "not-kept");
        settle(opened.store);
      },
      () => become("slow"),
    );
  });
  return {
    store: lateStore(store),
    state: () => state,
    watch: (tell) => {
      watching.add(tell);
      return () => watching.delete(tell);
    },
  };
}
