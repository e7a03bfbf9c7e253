import { type ReactNode, Suspense, useEffect } from "react";

interface SheetBehindProps {
  readonly open: boolean;
  /** Fetches the sheet’s script; stays the same. */
  readonly load: () => Promise<unknown>;
  readonly children: ReactNode;
}

/** Holds a sheet whose script comes behind the first picture, before anybody asks for it; nothing is drawn while it is closed. */
export function SheetBehind({ open, load, children }: SheetBehindProps) {
  useEffect(() => {
    void load().catch(() => undefined);
  }, [load]);
  return open ? <Suspense fallback={null}>{children}</Suspense> : null;
}
