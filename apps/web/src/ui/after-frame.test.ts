import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { afterFrame } from "./after-frame.ts";

/** Frames that a page has asked for, drawn when the test says so. */
const asked = new Map<number, () => void>();
const draw = (): void => {
  const due = [...asked.values()];
  asked.clear();
  for (const frame of due) frame();
};

beforeEach(() => {
  vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
  let last = 0;
  vi.stubGlobal("requestAnimationFrame", (frame: () => void) => {
    last += 1;
    asked.set(last, frame);
    return last;
  });
  vi.stubGlobal("cancelAnimationFrame", (id: number) => asked.delete(id));
});
afterEach(() => {
  asked.clear();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("what waits for a frame", () => {
  it("is done once, after the frame and not in it", () => {
    const work = vi.fn();
    afterFrame(work);
    draw();
    expect(work).not.toHaveBeenCalled();
    vi.runAllTimers();
    expect(work).toHaveBeenCalledTimes(1);
  });

  it("is done once where no frame is drawn, and not again by one that is drawn later", () => {
    const work = vi.fn();
    afterFrame(work);
    vi.advanceTimersByTime(1000);
    draw();
    vi.runAllTimers();
    expect(work).toHaveBeenCalledTimes(1);
  });

  it.each([
    ["before the frame", () => undefined],
    ["after the frame", draw],
  ])("is not done when called off %s", (_, meanwhile) => {
    const work = vi.fn();
    const off = afterFrame(work);
    meanwhile();
    off();
    draw();
    vi.runAllTimers();
    expect(work).not.toHaveBeenCalled();
  });
});
