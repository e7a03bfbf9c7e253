import { Link, Navigate, useNavigate } from "react-router";
import { usePair } from "../../pairing/current.ts";
import { keptLink } from "../../pairing/link.ts";
import { useRig } from "../../store/queries.ts";
import { sharedNowMs } from "../../store/shared-clock.ts";
import { useNow } from "../../store/use-now.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { useWakeLock } from "../../ui/use-wake-lock.ts";
import { PAIR } from "../../words/pair.ts";
import { belowSentence } from "./below.view.ts";
import { callOut } from "./calls.tsx";
import { clockOf, needsCodes, openCall, pairAnswer } from "./pair.view.ts";

/** For somebody who never used it: one sentence, and at most two buttons. */
export function HelperScreen() {
  const paired = usePair();
  const navigate = useNavigate();
  useWakeLock(paired !== null);
  useNow(1);
  const rig = useRig(paired?.view.link.rigId ?? "");
  // What was linked before a reload is taken up again in a moment: the way to the invitation and back would take over where one goes meanwhile.
  if (paired === null) return keptLink() === null ? <Navigate to="/join" replace /> : null;
  const { pair, view } = paired;
  const call = openCall(view);
  const [held] = view.holds;
  const { rigId } = view.link;
  const isOver = view.session.line === "closed";
  const sentence =
    call !== null
      ? PAIR.heard(call.name, call.what)
      : held !== undefined
        ? `${PAIR.heldTitle}. ${PAIR.held(held.name, held.what, clockOf(held.at))}`
        : view.session.line === "open"
          ? ((rig == null ? null : belowSentence(rig, sharedNowMs())) ?? PAIR.wait)
          : pairAnswer(view)
              .map(({ text }) => text)
              .join("");
  return (
    <main className="mx-auto grid h-full w-full max-w-[560px] content-start gap-4 overflow-y-auto p-5">
      <h1 id="answer" aria-live={call === null ? "polite" : "assertive"} className="min-h-[30vh] font-bold text-[1.9rem] leading-[1.2]">
        {sentence}
      </h1>
      {call !== null && (
        <RoofButton main onClick={() => pair.answer(call.id)}>
          {PAIR.done(call.what)}
        </RoofButton>
      )}
      {!isOver && (
        <RoofButton main={call === null} onClick={() => callOut(pair, "stop")}>
          {PAIR.call("stop")}
        </RoofButton>
      )}
      {needsCodes(view) && call === null && <RoofButton onClick={() => void navigate("/pair")}>{PAIR.codesAgain}</RoofButton>}
      {rigId !== null && (
        <Link to="/" className="py-3 underline underline-offset-4">
          {PAIR.whole}
        </Link>
      )}
    </main>
  );
}
