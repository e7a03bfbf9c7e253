import { useSyncExternalStore } from "react";
import type { LivePair, PairView } from "./live-pair.ts";

/** The one pair of this page. */
let pair: LivePair | null = null;
let view: PairView | null = null;
const watching = new Set<() => void>();

/** Another pair, or a newer look at the same. */
export function becomePair(next: LivePair | null): void {
  pair = next;
  view = next?.view() ?? null;
  for (const tell of watching) tell();
}

/** The pair of this page outside of a screen. */
export const currentPair = (): LivePair | null => pair;

/** How the pair of this page stands; null where this device works alone. */
export function usePair(): { readonly pair: LivePair; readonly view: PairView } | null {
  const shown = useSyncExternalStore(
    (tell) => {
      watching.add(tell);
      return () => watching.delete(tell);
    },
    () => view,
  );
  return pair === null || shown === null ? null : { pair, view: shown };
}
