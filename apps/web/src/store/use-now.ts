import { useEffect, useState } from "react";

/** The present, renewed every so many seconds, and at once when the page is looked at again. */
export function useNow(everyS: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = (): void => setNow(Date.now());
    const timer = setInterval(tick, everyS * 1000);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [everyS]);
  return now;
}
