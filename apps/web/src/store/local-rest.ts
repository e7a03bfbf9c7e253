import { useLocalItem } from "./local-item.ts";

/** When a unit was last told to be off, ms, null for never, and how to tell that it is off now: its rest begins with it. */
export function useLocalRest(jobId: string): readonly [number | null, () => void] {
  const [text, turn] = useLocalItem(`amp-saver off ${jobId}`);
  const at = Number(text ?? Number.NaN);
  return [at > 0 && Number.isFinite(at) ? at : null, () => turn(() => String(Date.now()))];
}
