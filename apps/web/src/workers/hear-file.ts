import { fail, ok, type Result } from "@amp-saver/core/quantity";
import type { Heard } from "@amp-saver/core/study/by-ear";
import type { Ear } from "./ear.worker.ts";
import { WorkerQueue } from "./worker-queue.ts";

/** Why a sound was not listened to. */
export type EarRefusal = "too-large" | "not-a-sound" | "too-long" | "no-answer";

/** Largest file, bytes, and longest sound, seconds, that is listened to. */
export const EAR_MOST = { bytes: 30_000_000, seconds: 180 };
/** Samples a second that a sound is brought to: a motor's hum is far below. */
const LISTEN_HZ = 8000;
const LISTEN_MS = 60_000;

let queue: WorkerQueue<Ear> | undefined;

/** Starts heard in a file of sound, on this device. Never rejects. */
export async function hearFile(file: File): Promise<Result<Heard, EarRefusal>> {
  if (file.size > EAR_MOST.bytes) return fail("too-large", "");
  const bytes = await file.arrayBuffer().catch(() => null);
  const sound = bytes === null ? null : await new OfflineAudioContext(1, 1, LISTEN_HZ).decodeAudioData(bytes).catch(() => null);
  if (sound === null) return fail("not-a-sound", "");
  if (sound.duration > EAR_MOST.seconds) return fail("too-long", "");
  queue ??= new WorkerQueue(() => new Worker(new URL("./ear.worker.ts", import.meta.url), { type: "module" }), 1, LISTEN_MS);
  const answer = await queue.ask((remote) => remote.hear(sound.getChannelData(0), sound.sampleRate), { rank: 0 });
  return answer.ok ? ok(answer.value) : fail("no-answer", answer.where);
}
