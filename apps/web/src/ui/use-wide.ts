import { useSyncExternalStore } from "react";

let media: MediaQueryList | undefined;

function query(): MediaQueryList {
  media ??= matchMedia("(width >= 62.5rem)");
  return media;
}

// The same functions for every page that asks: new ones would be listened with anew each time it is drawn.
function listen(changed: () => void): () => void {
  query().addEventListener("change", changed);
  return () => query().removeEventListener("change", changed);
}
const isWide = (): boolean => query().matches;

/** Whether the page is wide enough for a rail beside the evidence. */
export function useWide(): boolean {
  return useSyncExternalStore(listen, isWide);
}
