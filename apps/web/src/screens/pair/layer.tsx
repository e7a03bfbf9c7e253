import { useEffect, useState } from "react";
import { useLocation } from "react-router";
import { usePair } from "../../pairing/current.ts";
import { resume } from "../../pairing/start.ts";
import { useStore } from "../../store/provider.tsx";
import { OpenCall } from "./calls.tsx";
import { openCall, saysItself } from "./pair.view.ts";
import { PowerAsked } from "./power-asked.tsx";
import { RoofHeld } from "./roof-held.tsx";

/** What the other phone says over every page: a held roof, and an open call. */
export function PairLayer() {
  const { store } = useStore();
  const paired = usePair();
  const { pathname } = useLocation();
  const [looked, setLooked] = useState<ReadonlySet<string>>(new Set());
  useEffect(() => resume(store), [store]);
  if (paired === null) return null;
  const { pair, view } = paired;
  const isTold = saysItself(pathname);
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
    </>
  );
}
