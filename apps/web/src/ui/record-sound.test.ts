import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { recordSound } from "./record-sound.ts";

/** A recorder that hands over what it has only some time after it was stopped. */
class LateRecorder extends EventTarget {
  static lateMs = 0;
  readonly mimeType = "audio/webm;codecs=opus";
  state = "inactive";
  start(): void {
    this.state = "recording";
  }
  stop(): void {
    this.state = "inactive";
    setTimeout(() => {
      this.dispatchEvent(Object.assign(new Event("dataavailable"), { data: new Blob(["sound"]) }));
      this.dispatchEvent(new Event("stop"));
    }, LateRecorder.lateMs);
  }
}

const track = { stop: vi.fn() };
const recorded = async (advance: () => Promise<unknown>, mostS = 60, wanted = new AbortController().signal) => {
  const recording = await recordSound(mostS, wanted);
  if (recording === null) throw new Error("refused");
  await advance();
  return recording.done;
};

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("MediaRecorder", LateRecorder);
  vi.stubGlobal("document", new EventTarget());
  vi.stubGlobal("navigator", { mediaDevices: { getUserMedia: () => Promise.resolve({ getTracks: () => [track] }) } });
  track.stop.mockClear();
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("a recording", () => {
  it("ends by itself at the longest that is kept, however late it is handed over", async () => {
    LateRecorder.lateMs = 20_000;
    const { seconds, bytes, type } = await recorded(() => vi.advanceTimersByTimeAsync(80_000));
    expect(seconds).toBe(60);
    expect(new TextDecoder().decode(bytes)).toBe("sound");
    expect(type).toBe("audio/webm");
    expect(track.stop).toHaveBeenCalledTimes(1);
  });

  it("is as long as it was wanted, also where the page goes out of sight", async () => {
    LateRecorder.lateMs = 3000;
    const wanted = new AbortController();
    const stopped = await recorded(
      async () => {
        await vi.advanceTimersByTimeAsync(7000);
        wanted.abort();
        await vi.advanceTimersByTimeAsync(5000);
      },
      60,
      wanted.signal,
    );
    expect(stopped.seconds).toBeCloseTo(7, 3);
    const hidden = await recorded(async () => {
      await vi.advanceTimersByTimeAsync(4000);
      document.dispatchEvent(new Event("visibilitychange"));
      await vi.advanceTimersByTimeAsync(5000);
    });
    expect(hidden.seconds).toBeCloseTo(4, 3);
  });
});
