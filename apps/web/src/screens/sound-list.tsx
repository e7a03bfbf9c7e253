import type { Sound } from "@amp-saver/records";
import { deleteSoundCommit } from "../store/evidence-commands.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { usePicture } from "../store/use-picture.ts";
import { FIT } from "../words/fit.ts";

/** Recordings kept to one step of a job, to be heard again or taken away. */
export function SoundList({ bundle: { job, sounds }, step }: { readonly bundle: JobBundle; readonly step: string }) {
  const { commit } = useStore();
  const own = sounds.filter((s) => s.jobId === job.id && s.step === step);
  return (
    <ul>
      {own.map((sound, k) => (
        <li key={sound.id} className="flex flex-wrap items-center gap-2 py-1">
          <Player sound={sound} name={FIT.soundName(k + 1, sound.seconds)} />
          <button type="button" className="min-h-[48px] underline underline-offset-4" onClick={() => void commit(deleteSoundCommit(sound))}>
            {FIT.soundRemove(k + 1)}
          </button>
        </li>
      ))}
    </ul>
  );
}

function Player({ sound, name }: { readonly sound: Sound; readonly name: string }) {
  const url = usePicture(sound.id, sound.type);
  if (url === undefined) return null;
  if (url === null) return <span>{FIT.soundAbsent}</span>;
  // biome-ignore lint/a11y/useMediaCaption: a sound recorded on the roof has no captions
  return <audio controls src={url} aria-label={name} className="h-[48px]" />;
}
