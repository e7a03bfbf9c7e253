import { type Batch, tryBatch } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { expose } from "comlink";

const desk = {
  /** Trials `from` to `to` of a case; null when it cannot be put together. */
  batch(given: StartCase, seed: number, from: number, to: number): Batch | null {
    const tried = tryBatch(given, seed, from, to);
    return tried.ok ? tried.value : null;
  },
};

/** What the page may ask of a worker that tries. */
export type TrialDesk = typeof desk;

expose(desk);
