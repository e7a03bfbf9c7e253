import { type Heard, hearStarts, Listener } from "@amp-saver/core/study/by-ear";
import { expose } from "comlink";

const listener = new Listener();

const ear = {
  /** Answers as soon as the script is there. */
  ready: (): boolean => true,
  /** Starts of a motor in a sound. */
  hear: (samples: Float32Array, sampleHz: number): Heard => hearStarts({ samples, sampleHz }),
  /** A further piece of what the microphone hears. */
  more: (samples: Float32Array, sampleHz: number): void => listener.push({ samples, sampleHz }),
  /** Everything heard by the microphone so far, and for how long. */
  soFar: (): Heard & { readonly seconds: number } => ({ ...listener.heard(), seconds: listener.seconds }),
};

/** What the page may ask of the worker. */
export type Ear = typeof ear;

expose(ear);
