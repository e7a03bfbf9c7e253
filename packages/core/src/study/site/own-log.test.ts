import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ownMinutes } from "./index.ts";

const ticks = (gapsMin: readonly number[], from = 0): number[] => {
  const all = [from];
  for (const gap of gapsMin) all.push(all.at(-1)! + gap * 60_000);
  return all;
};

describe("times from one's own log", () => {
  it("are the middle of what each step took, with the quick and the slow quarter", () => {
    const own = ownMinutes([ticks([1, 2, 3, 4, 5]), ticks([2, 3, 4, 1])], 10);
    expect(own).toEqual({ minutes: 30, quickMin: 20, slowMin: 40, timed: 9, visits: 2 });
  });

  it("leave out a lunch, and two ticks at once", () => {
    const plain = ownMinutes([ticks([2, 2, 2, 2, 2, 2, 2, 2])], 1);
    expect(ownMinutes([ticks([2, 2, 2, 2, 55, 0, 2, 2, 2, 2])], 1)).toEqual(plain);
  });

  it("say nothing while too little was timed", () => {
    expect(ownMinutes([ticks([2, 2, 2, 2, 2, 2, 2])], 12)).toBeNull();
    expect(ownMinutes([], 12)).toBeNull();
  });

  it("do not depend on the order of ticks or visits, and lie between the extremes", () => {
    const visit = fc.array(fc.double({ min: 0.1, max: 19, noNaN: true }), { minLength: 8, maxLength: 20 });
    fc.assert(
      fc.property(visit, visit, (a, b) => {
        const own = ownMinutes([ticks(a), ticks(b, 1e9)], 7)!;
        expect(ownMinutes([ticks(b, 1e9).toReversed(), ticks(a).toReversed()], 7)).toEqual(own);
        expect(own.quickMin).toBeLessThanOrEqual(own.minutes);
        expect(own.minutes).toBeLessThanOrEqual(own.slowMin);
        expect(own.minutes / 7).toBeGreaterThanOrEqual(Math.min(...a, ...b) - 1e-3);
        expect(own.minutes / 7).toBeLessThanOrEqual(Math.max(...a, ...b) + 1e-3);
      }),
      { seed: 6 },
    );
  });
});
