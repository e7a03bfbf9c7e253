import { type Remote, wrap } from "comlink";
import type { WaveDesk } from "./wave.worker.ts";

let hired: Remote<WaveDesk> | undefined;

/** The worker that reads files of samples, hired at first use. */
export function waveDesk(): Remote<WaveDesk> {
  hired ??= wrap<WaveDesk>(new Worker(new URL("./wave.worker.ts", import.meta.url), { type: "module" }));
  return hired;
}
