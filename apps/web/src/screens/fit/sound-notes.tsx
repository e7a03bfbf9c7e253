import { SOUND_MOST_BYTES, SOUND_MOST_S, SOUND_TYPES } from "@amp-saver/records";
import { useEffect, useRef, useState } from "react";
import { addSoundCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { canRecord, type Recording, recordSound } from "../../ui/record-sound.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { FIT } from "../../words/fit.ts";
import { SoundList } from "../sound-list.tsx";

/** Spoken notes to one step, recorded and kept on the device. */
export function SoundNotes({ bundle, step }: { readonly bundle: JobBundle; readonly step: string }) {
  const { job } = bundle;
  const { commit, keepBlob } = useStore();
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
    const recording = await recordSound(SOUND_MOST_S, shown.current.signal);
    if (recording === null) {
      setState("refused");
      return;
    }
    running.current = recording;
    setState("recording");
    const { bytes, seconds, type } = await recording.done;
    running.current = null;
    const known = SOUND_TYPES.find((t) => t === type);
    if (known === undefined || bytes.length === 0 || bytes.length > SOUND_MOST_BYTES) {
      setState("not-kept");
      return;
    }
    setState("idle");
    const made = addSoundCommit(job, step, { seconds, type: known, bytes: bytes.length });
    if ((await keepBlob(made.id, bytes)).ok) await commit(made.commit);
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
