import { useEffect } from "react";

/** Has the browser ask before the page is left, while something is under way that would be lost with it. */
export function useStayGuard(on: boolean): void {
  useEffect(() => {
    if (!on) return;
    const ask = (event: BeforeUnloadEvent): void => event.preventDefault();
    addEventListener("beforeunload", ask);
    return () => removeEventListener("beforeunload", ask);
  }, [on]);
}
