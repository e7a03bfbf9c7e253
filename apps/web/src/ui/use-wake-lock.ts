import { useEffect, useState } from "react";

/** Keeps the screen on while asked to; tells whether the browser does it. */
export function useWakeLock(wanted: boolean): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== "visible") return;
      const got = await navigator.wakeLock.request("screen").catch(() => null);
      if (gone) {
        void got?.release();
        return;
      }
      lock = got;
      setHeld(got !== null);
    };
    void ask();
    const again = (): void => void ask();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
      setHeld(false);
    };
  }, [wanted]);
  return held;
}
