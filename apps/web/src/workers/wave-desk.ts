import { fail, type Result } from "@amp-saver/core/quantity";
import type { Remote } from "comlink";
import { type Hired, hire } from "./hire.ts";
import type { WaveDesk, WaveRefusal } from "./wave.worker.ts";

/** Longest a recording may take to be read and studied, ms: the largest is a file of 100 MB. */
const RECORDING_MS = 60_000;

let hired: Hired<WaveDesk> | undefined;

/** What the worker that reads files of samples says; one that broke or took too long has said nothing. It is hired at first use. */
export function askWave<T>(
  ask: (desk: Remote<WaveDesk>) => Promise<Result<T, WaveRefusal>>,
): Promise<Result<T, WaveRefusal | "no-answer">> {
  hired ??= hire(() => new Worker(new URL("./wave.worker.ts", import.meta.url), { type: "module" }), RECORDING_MS);
  return hired.call<Result<T, WaveRefusal | "no-answer">>(ask).catch(() => fail("no-answer", ""));
}
