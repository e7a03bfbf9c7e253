import { type Heard, hearStarts } from "@amp-saver/core/study/by-ear";
import { expose } from "comlink";

const ear = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
  /** Starts of a motor in a sound. */
  hear: (samples: Float32Array, sampleHz: number): Heard => hearStarts({ samples, sampleHz }),
};

/** What the page may ask of the worker. */
export type Ear = typeof ear;

expose(ear);
