import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ampScale } from "./amp-scale.ts";
import { timeScale } from "./time-scale.ts";

const amps = fc.double({ min: 0.5, max: 300, noNaN: true });

describe("the rule of amps", () => {
  it("keeps everything near on the page, in order, whatever the figures", () => {
    fc.assert(
      fc.property(fc.array(amps, { minLength: 1, maxLength: 6 }), fc.option(amps), (near, far) => {
        const scale = ampScale(near, far, 70, 690);
        const all = [...near, ...(far === null ? [] : [far])].toSorted((a, b) => a - b);
        const places = all.map(scale.x);
        for (const x of places) {
          expect(x).toBeGreaterThanOrEqual(70);
          expect(x).toBeLessThanOrEqual(690 + 1e-9);
        }
        expect(places).toEqual(places.toSorted((a, b) => a - b));
        expect(scale.x(0)).toBe(70);
      }),
      { seed: 61 },
    );
  });

  it("leaves a stretch out only when it is empty, and draws where", () => {
    expect(ampScale([30], 45, 0, 600).breakX).toBeNull();
    const broken = ampScale([30], 230, 0, 600);
    expect(broken.breakX).not.toBeNull();
    expect(broken.x(31)).toBeLessThan(broken.breakX!);
    expect(broken.x(230)).toBeGreaterThan(broken.breakX!);
  });

  it("numbers no more than it has room for, from nothing up, evenly", () => {
    fc.assert(
      fc.property(amps, fc.integer({ min: 240, max: 900 }), (most, width) => {
        const { ticks, x } = ampScale([most], null, 60, 60 + width);
        expect(ticks[0]).toBe(0);
        const gaps = ticks.slice(1).map((t, i) => x(t) - x(ticks[i]!));
        for (const gap of gaps) expect(gap).toBeGreaterThanOrEqual(37);
      }),
      { seed: 62 },
    );
  });
});

describe("time down the page", () => {
  it("shows the whole start, then thirty minutes below the tear", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 2.4, noNaN: true }), (lastS) => {
        const time = timeScale(lastS, 100, 500, 70);
        expect(time.shownS).toBeGreaterThanOrEqual(Math.min(3, lastS));
        expect(time.y(lastS)).toBeLessThan(time.tearY);
        expect(time.yMinutes(0)).toBeGreaterThan(time.tearY);
        expect(time.yMinutes(30)).toBe(500);
        expect(time.seconds.length).toBeLessThanOrEqual(9);
        expect(time.y(99)).toBe(time.y(time.shownS));
      }),
      { seed: 63 },
    );
  });
});
