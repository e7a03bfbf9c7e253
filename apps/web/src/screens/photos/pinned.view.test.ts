import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { snapped, thinned } from "./pinned.view.ts";

const share = fc.double({ min: 0, max: 1, noNaN: true });
const way = fc.array(fc.record({ x: share, y: share }), { minLength: 2, maxLength: 80 });

describe("a wire's way drawn with a finger", () => {
  it("keeps its ends and its order, and no more points than there is room for", () => {
    fc.assert(
      fc.property(way, (drawn) => {
        const thin = thinned(drawn, 24);
        expect(thin.length).toBeLessThanOrEqual(24);
        expect([thin[0], thin.at(-1)]).toEqual([drawn[0], drawn.at(-1)]);
        let at = -1;
        for (const spot of thin) {
          const found = drawn.indexOf(spot, at + 1);
          expect(found).toBeGreaterThan(at);
          at = found;
        }
      }),
    );
  });

  it("keeps its bends and drops what lies between them", () => {
    const straight = Array.from({ length: 20 }, (_, k) => ({ x: k / 40, y: 0.1 }));
    const down = Array.from({ length: 20 }, (_, k) => ({ x: 19 / 40, y: 0.1 + (k + 1) / 40 }));
    const thin = thinned([...straight, ...down], 3);
    expect(thin).toEqual([straight[0], straight[19], down[19]]);
  });

  it("ends at a pin that is near, and where it was drawn when none is", () => {
    const pins = [
      { x: 0.2, y: 0.2 },
      { x: 0.24, y: 0.2 },
    ];
    expect(snapped({ x: 0.23, y: 0.2 }, pins, 0.04)).toEqual(pins[1]);
    expect(snapped({ x: 0.4, y: 0.2 }, pins, 0.04)).toEqual({ x: 0.4, y: 0.2 });
    expect(snapped({ x: 0.4, y: 0.2 }, [], 0.04)).toEqual({ x: 0.4, y: 0.2 });
  });
});
