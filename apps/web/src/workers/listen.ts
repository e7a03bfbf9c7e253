import type { Heard } from "@amp-saver/core/study/by-ear";
import { transfer, wrap } from "comlink";
import type { Ear } from "./ear.worker.ts";

/** What was heard so far, and for how long. */
export interface HeardSoFar extends Heard {
  readonly seconds: number;
}

/** Why it does not listen. */
export type ListenRefusal = "no-microphone" | "refused";

/** Listening under way. */
export interface Listening {
  readonly stop: () => void;
}

/** Longest that is listened to at a stretch, s. */
export const LISTEN_MOST_S = 3600;
/** How often what was heard is asked for, ms. */
const ASK_MS = 1500;
/** Sound as it is: nothing that a phone does for voices. */
const PLAIN = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };

/** Whether this browser can listen here at all: only over a secure address. */
const canListen = (): boolean => typeof AudioWorkletNode !== "undefined" && navigator.mediaDevices?.getUserMedia !== undefined;

/**
 * Listens by the microphone on this device and tells again and again what was heard, the last time when it is stopped.
 * Nothing of the sound is kept. A refusal where there is no microphone or it is not allowed.
 */
export async function listen(onHeard: (heard: HeardSoFar) => void, onEnd: () => void): Promise<Listening | ListenRefusal> {
  if (!canListen()) return "no-microphone";
  const stream = await navigator.mediaDevices.getUserMedia({ audio: PLAIN }).catch(() => null);
  if (stream === null) return "refused";
  const context = new AudioContext();
  const close = (): void => {
    for (const track of stream.getTracks()) track.stop();
    void context.close();
  };
  const tapped = await context.audioWorklet.addModule("/ear-worklet.js").then(
    () => true,
    () => false,
  );
  if (!tapped) {
    close();
    return "no-microphone";
  }
  const worker = new Worker(new URL("./ear.worker.ts", import.meta.url), { type: "module" });
  const ear = wrap<Ear>(worker);
  const tap = new AudioWorkletNode(context, "tap");
  tap.port.onmessage = ({ data }: MessageEvent<Float32Array<ArrayBuffer>>) =>
    void ear.more(transfer(data, [data.buffer]), context.sampleRate).catch(() => undefined);
  context.createMediaStreamSource(stream).connect(tap);
  let asking = false;
  const ask = async (): Promise<void> => {
    if (asking) return;
    asking = true;
    const heard = await ear.soFar().catch(() => null);
    asking = false;
    if (heard === null) return;
    onHeard(heard);
    if (heard.seconds >= LISTEN_MOST_S) stop();
  };
  const timer = setInterval(() => void ask(), ASK_MS);
  let stopped = false;
  const stop = (): void => {
    if (stopped) return;
    stopped = true;
    clearInterval(timer);
    close();
    void ear
      .soFar()
      .then(onHeard, () => undefined)
      .finally(() => {
        worker.terminate();
        onEnd();
      });
  };
  return { stop };
}
