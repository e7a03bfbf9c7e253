/** A recording under way. */
export interface Recording {
  readonly stop: () => void;
  /** What was recorded, once it has stopped. */
  readonly done: Promise<Recorded>;
}

interface Recorded {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly seconds: number;
  readonly type: string;
}

const BITS_PER_SECOND = 24_000;

/** Whether this browser can record here at all: only over a secure address. */
export function canRecord(): boolean {
  return typeof MediaRecorder !== "undefined" && navigator.mediaDevices?.getUserMedia !== undefined;
}

/**
 * Begins to record from the microphone, for so many seconds at most, only while it is wanted and the page is seen;
 * null where the microphone is refused, or no longer wanted once it is allowed.
 */
export async function recordSound(mostS: number, wanted: AbortSignal): Promise<Recording | null> {
  const stream = await navigator.mediaDevices.getUserMedia({ audio: true }).catch(() => null);
  if (stream === null) return null;
  if (wanted.aborted) {
    for (const track of stream.getTracks()) track.stop();
    return null;
  }
  const recorder = new MediaRecorder(stream, { audioBitsPerSecond: BITS_PER_SECOND });
  const chunks: Blob[] = [];
  const began = performance.now();
  let ended: number | null = null;
  const done = new Promise<Recorded>((settle) => {
    recorder.addEventListener("dataavailable", (event) => chunks.push(event.data));
    recorder.addEventListener("stop", () => {
      for (const track of stream.getTracks()) track.stop();
      // Counted to the moment it was stopped: a device that is busy may hand the sound over long after.
      const seconds = Math.min(((ended ?? performance.now()) - began) / 1000, mostS);
      const type = recorder.mimeType.split(";")[0] ?? "";
      void new Blob(chunks).arrayBuffer().then((buffer) => settle({ bytes: new Uint8Array(buffer), seconds, type }));
    });
  });
  recorder.start();
  const stop = (): void => {
    clearTimeout(timer);
    document.removeEventListener("visibilitychange", stop);
    if (recorder.state === "inactive") return;
    ended = performance.now();
    recorder.stop();
  };
  const timer = setTimeout(stop, mostS * 1000);
  document.addEventListener("visibilitychange", stop);
  wanted.addEventListener("abort", stop);
  return { stop, done };
}
