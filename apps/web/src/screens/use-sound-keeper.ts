import { type Job, SOUND_MOST_BYTES, SOUND_MOST_S, SOUND_TYPES } from "@amp-saver/records";
import { addSoundCommit } from "../store/evidence-commands.ts";
import { useStore } from "../store/provider.tsx";
import { type Recording, recordSound } from "../ui/record-sound.ts";

/** How a recording ended: what was not kept is said where it was asked for. */
export type SoundOutcome = "kept" | "refused" | "not-kept";

/** Records by the microphone while it is wanted, up to the longest that is kept, and keeps the sound to a step of a job. */
export function useSoundKeeper(
  job: Job,
  step: string,
): (wanted: AbortSignal, onBegun?: (recording: Recording) => void) => Promise<SoundOutcome> {
  const { commit, keepBlob } = useStore();
  return async (wanted, onBegun) => {
    const recording = await recordSound(SOUND_MOST_S, wanted);
    if (recording === null) return "refused";
    onBegun?.(recording);
    const { bytes, seconds, type } = await recording.done;
    const known = SOUND_TYPES.find((t) => t === type);
    if (known === undefined || bytes.length === 0 || bytes.length > SOUND_MOST_BYTES) return "not-kept";
    const made = addSoundCommit(job, step, { seconds, type: known, bytes: bytes.length });
    return (await keepBlob(made.id, bytes)).ok && (await commit(made.commit)).ok ? "kept" : "not-kept";
  };
}
