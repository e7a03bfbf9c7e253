import { SOUND_MOST_BYTES, SOUND_MOST_S, SOUND_TYPES, type Sound } from "@amp-saver/records";
import { useEffect, useRef, useState } from "react";
import { addSoundCommit, deleteSoundCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { usePicture } from "../../store/use-picture.ts";
import { canRecord, type Recording, recordSound } from "../../ui/record-sound.ts";
import { RoofButton } from "../../ui/roof-button.tsx";
import { FIT } from "../../words/fit.ts";

/** Spoken notes to one step, recorded and kept on the device. */
export function SoundNotes({ bundle: { job, sounds }, step }: { readonly bundle: JobBundle; readonly step: string }) {
  const { commit, keepBlob } = useStore();
  const running = useRef<Recording | null>(null);
  const shown = useRef(new AbortController());
  const [state, setState] = useState<"idle" | "asking" | "recording" | "refused" | "not-kept">("idle");
  useEffect(() => {
    const here = new AbortController();
    shown.current = here;
    return () => here.abort();
  }, []);
  const own = sounds.filter((s) => s.jobId === job.id && s.step === step);
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
      <ul>
        {own.map((sound, k) => (
          <li key={sound.id} className="flex flex-wrap items-center gap-2 py-1">
            <Player sound={sound} name={FIT.soundName(k + 1, sound.seconds)} />
            <button
              type="button"
              className="min-h-[48px] underline underline-offset-4"
              onClick={() => void commit(deleteSoundCommit(sound))}
            >
              {FIT.soundRemove(k + 1)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Player({ sound, name }: { readonly sound: Sound; readonly name: string }) {
  const url = usePicture(sound.id, sound.type);
  if (url === undefined) return null;
  if (url === null) return <span>{FIT.soundAbsent}</span>;
  // biome-ignore lint/a11y/useMediaCaption: a note spoken on the roof has no captions
  return <audio controls src={url} aria-label={name} className="h-[48px]" />;
}
