import { type ReactNode, useDeferredValue } from "react";

interface LaterProps {
  /** Whether it is drawn with the first screen after all: where that has room for it. */
  readonly atOnce?: boolean;
  readonly children: ReactNode;
}

/** What stands below the first screen: drawn once that stands, in a turn of its own, so that a slow phone answers in between. */
export function Later({ atOnce = false, children }: LaterProps) {
  return useDeferredValue(true, atOnce) ? children : null;
}
