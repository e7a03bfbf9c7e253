import { SOUND_MOST_S } from "@amp-saver/records";
import { useEffect, useRef, useState } from "react";
import type { JobBundle } from "../../store/queries.ts";
import { canRecord, type Recording } from "../../ui/record-sound.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { FIT } from "../../words/fit.ts";
import { SoundList } from "../sound-list.tsx";
import { useSoundKeeper } from "../use-sound-keeper.ts";

/** Spoken notes to one step, recorded and kept on the device. */
export function SoundNotes({ bundle, step }: { readonly bundle: JobBundle; readonly step: string }) {
  const record = useSoundKeeper(bundle.job, step);
  const running = useRef<Recording | null>(null);
  const shown = useRef(new AbortController());
  const [state, setState] = useState<"idle" | "asking" | "recording" | "refused" | "not-kept">("idle");
  useEffect(() => {
    const here = new AbortController();
    shown.current = here;
    return () => here.abort();
  }, []);
  const begin = async (): Promise<void> => {
    setState("asking");
    const outcome = await record(shown.current.signal, (recording) => {
      running.current = recording;
      setState("recording");
    });
    running.current = null;
    setState(outcome === "kept" ? "idle" : outcome);
  };
  return (
    <section className="py-2">
      {!canRecord() && <p className="text-small text-ink2">{FIT.soundCannot}</p>}
      {canRecord() && state === "recording" && (
        <RoofButton main onClick={() => running.current?.stop()}>
          {FIT.soundStop}
        </RoofButton>
      )}
      {canRecord() && state !== "recording" && (
        <RoofButton disabled={state === "asking"} onClick={() => void begin()}>
          {FIT.sound(SOUND_MOST_S)}
        </RoofButton>
      )}
      {(state === "refused" || state === "not-kept") && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {state === "refused" ? FIT.soundRefused : FIT.soundNotKept}
        </p>
      )}
      <SoundList bundle={bundle} step={step} />
    </section>
  );
}
