import { CALLS, type CallKind } from "@amp-saver/pairing";
import type { LivePair, PairView } from "../../pairing/live-pair.ts";
import { alertWith } from "../../ui/alert.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { PAIR } from "../../words/pair.ts";
import { callLines, openCall } from "./pair.view.ts";

interface CallsProps {
  readonly pair: LivePair;
  readonly view: PairView;
}

const SHOWN = 8;

/** Calls to the other phone, each one tap; the other's open one is answered by one tap. */
export function Calls({ pair, view }: CallsProps) {
  return (
    <section aria-label={PAIR.calls}>
      <OpenCall pair={pair} view={view} />
      <div className="grid grid-cols-2 gap-2 py-2">
        {CALLS.map((what) => (
          <div key={what} className={what === "stop" ? "col-span-2" : ""}>
            <RoofButton main={what === "stop"} onClick={() => callOut(pair, what)}>
              {PAIR.call(what)}
            </RoofButton>
          </div>
        ))}
      </div>
      <ul className="text-body">
        {callLines(view, SHOWN).map(({ id, text }) => (
          <li key={id} className="border-b border-hair py-1">
            {text}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Calls something out; a stop sounds on both at once. */
export function callOut(pair: LivePair, what: CallKind): void {
  pair.callOut(what);
  if (what === "stop") alertWith(PAIR.call(what));
}

/** The other's call that waits for an answer. */
export function OpenCall({ pair, view }: CallsProps) {
  const open = openCall(view);
  if (open === null) return null;
  return (
    <div role="alert" className="border-[3px] border-ink p-3">
      <p className="pb-2 font-semibold text-large">{PAIR.heard(open.name, open.what)}</p>
      <RoofButton main onClick={() => pair.answer(open.id)}>
        {PAIR.done(open.what)}
      </RoofButton>
    </div>
  );
}
