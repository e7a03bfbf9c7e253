import { type ReactNode, startTransition, useEffect, useState } from "react";
import { afterFrame } from "./after-frame.ts";

/** Whether so many frames are drawn since this part came, or need not be waited for. What was there once stays: a screen turned narrow takes nothing away. */
export function useFramesDrawn(frames: number, atOnce = false): boolean {
  const [drawn, setDrawn] = useState(atOnce ? frames : 0);
  const waits = !atOnce && drawn < frames;
  useEffect(() => {
    if (atOnce) setDrawn(frames);
    return waits ? afterFrame(() => startTransition(() => setDrawn(drawn + 1))) : undefined;
  }, [atOnce, frames, waits, drawn]);
  return !waits;
}

interface LaterProps {
  /** Whether it is drawn with the first screen after all: where that has room for it. */
  readonly atOnce?: boolean;
  /** Frames that are drawn before it. */
  readonly frames?: number;
  readonly children: ReactNode;
}

/** What stands below the first screen: drawn in a frame of its own once that stands, so that a slow phone answers in between. */
export function Later({ atOnce = false, frames = 1, children }: LaterProps) {
  return useFramesDrawn(frames, atOnce) ? children : null;
}
