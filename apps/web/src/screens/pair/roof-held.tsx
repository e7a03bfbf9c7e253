import type { Hold } from "@amp-saver/pairing";
import { TEXT_MOST } from "@amp-saver/records";
import { useState } from "react";
import type { LivePair, PairView } from "../../pairing/live-pair.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { PAIR } from "../../words/pair.ts";
import { callOut, OpenCall } from "./calls.tsx";
import { clockOf } from "./pair.view.ts";

interface RoofHeldProps {
  readonly hold: Hold;
  readonly pair: LivePair;
  readonly view: PairView;
  /** The person has read it and looks at the job. */
  readonly onLook: () => void;
}

/** The whole screen says that somebody's hands are in a unit; it stays until it is lifted there, or here with a reason. */
export function RoofHeld({ hold, pair, view, onLook }: RoofHeldProps) {
  const [unlocking, setUnlocking] = useState(false);
  const [reason, setReason] = useState("");
  return (
    <div
      role="alertdialog"
      aria-modal="true"
      aria-label={PAIR.heldTitle}
      className="fixed inset-0 z-50 overflow-y-auto bg-ink p-5 text-face"
    >
      <h2 className="font-bold text-[2.2rem] leading-[1.1]">{PAIR.heldTitle}</h2>
      <p className="py-3 text-[1.5rem] leading-[1.2]">{PAIR.held(hold.name, hold.what, clockOf(hold.at))}</p>
      <p className="py-2 text-body">{PAIR.sure}</p>
      <div className="grid gap-3 bg-face p-3 text-ink">
        <RoofButton onClick={onLook}>{PAIR.look}</RoofButton>
        <RoofButton main onClick={() => callOut(pair, "stop")}>
          {PAIR.call("stop")}
        </RoofButton>
        {unlocking ? (
          <>
            <TextField
              label={PAIR.reason}
              kept={reason}
              most={TEXT_MOST.note}
              onText={(text) => {
                setReason(text);
                return null;
              }}
            />
            <RoofButton disabled={reason.trim() === ""} onClick={() => pair.liftHold(hold.id, reason.trim())}>
              {PAIR.unlock}
            </RoofButton>
          </>
        ) : (
          <RoofButton onClick={() => setUnlocking(true)}>{PAIR.unlock}</RoofButton>
        )}
      </div>
      {/* What comes and goes stands below the buttons: none of them may move under a finger. */}
      {view.session.line !== "open" && <p className="py-2 text-large">{PAIR.heldSilent}</p>}
      <div className="bg-face text-ink">
        <OpenCall pair={pair} view={view} />
      </div>
    </div>
  );
}
