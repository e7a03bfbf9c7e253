import { SOUND_MOST_S, type Timing } from "@amp-saver/records";
import { useEffect, useRef, useState } from "react";
import type { JobBundle } from "../../store/queries.ts";
import { canRecord } from "../../ui/record-sound.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { Tick } from "../../ui/tick.tsx";
import { useWakeLock } from "../../ui/use-wake-lock.ts";
import { EAR } from "../../words/ear.ts";
import { type HeardSoFar, LISTEN_MOST_S, type Listening, type ListenRefusal, listen } from "../../workers/listen.ts";
import { useSoundKeeper } from "../use-sound-keeper.ts";
import { earStep } from "./ear.view.ts";
import { HeardList } from "./heard-list.tsx";

interface ListenLiveProps {
  readonly bundle: JobBundle;
  readonly side: Timing["when"];
  readonly onKeep: (heard: NonNullable<Timing["heard"]>) => void;
}

/** Listens by the phone's own microphone; a recording is kept only where it was asked for. */
export function ListenLive({ bundle: { job }, side, onKeep }: ListenLiveProps) {
  const record = useSoundKeeper(job, earStep(side));
  const running = useRef<Listening | null>(null);
  const shown = useRef(true);
  const [state, setState] = useState<"idle" | "asking" | "listening" | ListenRefusal>("idle");
  const [heard, setHeard] = useState<HeardSoFar | null>(null);
  const [alsoKeep, setAlsoKeep] = useState(false);
  const [lost, setLost] = useState(false);
  useWakeLock(state === "listening");
  useEffect(() => {
    shown.current = true;
    return () => {
      shown.current = false;
      running.current?.stop();
    };
  }, []);
  const begin = async (): Promise<void> => {
    setState("asking");
    setHeard(null);
    setLost(false);
    const over = new AbortController();
    const begun = await listen(setHeard, () => {
      over.abort();
      running.current = null;
      if (shown.current) setState("idle");
    });
    if (typeof begun === "string") {
      setState(begun);
      return;
    }
    running.current = begun;
    if (!shown.current) begun.stop();
    setState("listening");
    if (!alsoKeep) return;
    const outcome = await record(over.signal);
    if (shown.current) setLost(outcome !== "kept");
  };
  return (
    <div className="py-1">
      {canRecord() && state !== "listening" && <Tick label={EAR.alsoKeep(SOUND_MOST_S)} ticked={alsoKeep} onChange={setAlsoKeep} />}
      {state === "listening" ? (
        <RoofButton main onClick={() => running.current?.stop()}>
          {EAR.end}
        </RoofButton>
      ) : (
        <RoofButton disabled={state === "asking"} onClick={() => void begin()}>
          {EAR.begin}
        </RoofButton>
      )}
      {state === "asking" && <p role="status">{EAR.asking}</p>}
      {state === "listening" && (
        <p>
          {EAR.hears(heard?.seconds ?? 0)} {EAR.listenMost(LISTEN_MOST_S / 60)}
        </p>
      )}
      {(state === "refused" || state === "no-microphone") && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {EAR.microphone[state]}
        </p>
      )}
      {lost && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {EAR.recordingLost}
        </p>
      )}
      {heard !== null && <HeardList heard={heard} over={state === "idle"} onKeep={onKeep} />}
    </div>
  );
}
