import { useEffect, useState } from "react";
import { Link, useLocation } from "react-router";
import { usePair } from "../../pairing/current.ts";
import { resume } from "../../pairing/start.ts";
import { useStore } from "../../store/provider.tsx";
import { COMMON } from "../../words/common.ts";
import { PAIR } from "../../words/pair.ts";
import { OpenCall } from "./calls.tsx";
import { openCall } from "./pair.view.ts";
import { PowerAsked } from "./power-asked.tsx";
import { RoofHeld } from "./roof-held.tsx";

/** What the other phone says over every page: a held roof, an open call, and who is connected. */
export function PairLayer() {
  const { store } = useStore();
  const paired = usePair();
  const { pathname } = useLocation();
  const [looked, setLooked] = useState<ReadonlySet<string>>(new Set());
  useEffect(() => resume(store), [store]);
  if (paired === null) return null;
  const { pair, view } = paired;
  // These two pages say it themselves.
  const isTold = pathname === "/helper" || pathname.startsWith("/pair");
  const held = view.holds.find((h) => !looked.has(h.id));
  const call = openCall(view);
  return (
    <>
      {view.holds.length > 0 && <PowerAsked holds={view.holds} />}
      {held !== undefined && (
        <RoofHeld key={held.id} hold={held} pair={pair} view={view} onLook={() => setLooked(new Set([...looked, held.id]))} />
      )}
      {call !== null && held === undefined && !isTold && (
        <div className="fixed inset-x-2 top-2 z-40 bg-face">
          <OpenCall pair={pair} view={view} />
        </div>
      )}
      {view.session.partner !== null && view.session.line !== "closed" && !isTold && (
        <aside aria-label={COMMON.twoPhones} className="fixed right-2 bottom-[76px] z-30">
          <Link to="/pair" className="block border-[1.5px] border-ink bg-face px-3 py-2 font-semibold text-small">
            {view.holds.length > 0 ? `${PAIR.heldTitle}. ` : ""}
            {PAIR.strip(view.session.partner.name, view.session.line)}
          </Link>
        </aside>
      )}
    </>
  );
}
