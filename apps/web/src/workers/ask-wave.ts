import { fail, type Result } from "@amp-saver/core/quantity";
import type { Remote } from "comlink";
import type { WaveReader, WaveRefusal } from "./wave.worker.ts";
import { WorkerQueue } from "./worker-queue.ts";

/** Longest a recording may take to be read and studied, ms: the largest is a file of 100 MB. */
const RECORDING_MS = 60_000;

let queue: WorkerQueue<WaveReader> | undefined;

/** What the worker that reads files of samples says; one that broke or took too long has said nothing. It is made at first use. */
export async function askWave<T>(
  ask: (reader: Remote<WaveReader>) => Promise<Result<T, WaveRefusal>>,
): Promise<Result<T, WaveRefusal | "no-answer">> {
  queue ??= new WorkerQueue(() => new Worker(new URL("./wave.worker.ts", import.meta.url), { type: "module" }), 1, RECORDING_MS);
  const answer = await queue.ask(ask, { rank: 0 });
  return answer.ok ? answer.value : fail("no-answer", "");
}
