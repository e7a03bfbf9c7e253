import { useSyncExternalStore } from "react";

const query = (): MediaQueryList => matchMedia("(width >= 62.5rem)");

/** Whether the page is wide enough for a rail beside the evidence. */
export function useWide(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = query();
      media.addEventListener("change", changed);
      return () => media.removeEventListener("change", changed);
    },
    () => query().matches,
  );
}
