import type { Hold } from "@amp-saver/pairing";
import { useEffect, useState } from "react";
import { RoofButton } from "../../ui/roof-button.tsx";
import { PAIR } from "../../words/pair.ts";
import { clockOf } from "./pair.view.ts";

/** Whatever is about power bears this mark. */
const POWER = "[data-power]";

/** While the other's roof is held, anything about power is asked before it is done. */
export function PowerAsked({ holds }: { readonly holds: readonly Hold[] }) {
  const [asked, setAsked] = useState<HTMLElement | null>(null);
  useEffect(() => {
    let agreed: HTMLElement | null = null;
    const stop = (event: Event): void => {
      const button = event.target instanceof Element ? event.target.closest<HTMLElement>(POWER) : null;
      if (button === null || button === agreed) {
        agreed = null;
        return;
      }
      event.preventDefault();
      event.stopPropagation();
      setAsked(button);
    };
    const agree = (event: Event): void => {
      agreed = event instanceof CustomEvent && event.detail instanceof HTMLElement ? event.detail : null;
      agreed?.click();
    };
    document.addEventListener("click", stop, true);
    document.addEventListener(AGREED, agree);
    return () => {
      document.removeEventListener("click", stop, true);
      document.removeEventListener(AGREED, agree);
    };
  }, []);
  if (asked === null) return null;
  return (
    <div
      role="alertdialog"
      aria-modal="true"
      aria-label={PAIR.reallyTitle}
      className="fixed inset-0 z-50 grid content-center gap-3 bg-face p-5"
    >
      <h2 className="font-bold text-large">{PAIR.reallyTitle}</h2>
      {holds.map((hold) => (
        <p key={hold.id}>{PAIR.held(hold.name, hold.what, clockOf(hold.at))}</p>
      ))}
      <RoofButton main onClick={() => setAsked(null)}>
        {PAIR.not}
      </RoofButton>
      <RoofButton
        onClick={() => {
          setAsked(null);
          document.dispatchEvent(new CustomEvent(AGREED, { detail: asked }));
        }}
      >
        {PAIR.really}
      </RoofButton>
    </div>
  );
}

const AGREED = "amp-saver power agreed";
