import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ROOF_ORDER_PARAMS as P, type RoofUnit, roofOrder } from "./index.ts";

const unit = (id: string, more: Partial<RoofUnit> = {}): RoofUnit => ({
  id,
  wiringMin: 20,
  rule: { runS: 300, restS: 300 },
  runs: 5,
  ...more,
});
const roofs = fc
  .array(fc.record({ wiringMin: fc.integer({ min: 5, max: 60 }), runs: fc.integer({ min: 1, max: 6 }) }), { minLength: 1, maxLength: 3 })
  .map((list) => list.map((one, k) => unit(`u${k}`, one)));

describe("the order of work over a roof", () => {
  it("takes power off once for all, has hands in one unit at a time, and learns in turns", () => {
    const { acts, minutes, oneByOneMin } = roofOrder([unit("front"), unit("rear")]);
    expect(acts.map((a) => `${a.what} ${a.ids.join("+")}`)).toEqual([
      "before front+rear",
      "isolate front+rear",
      "fit front",
      "fit rear",
      "power front+rear",
      "learn front+rear",
      "after front+rear",
      "isolate-again front+rear",
      "close front+rear",
    ]);
    // Two units of 5 runs of 5 min with 5 min rest fill each other's rests: 50 min instead of twice 45.
    expect(acts.find((a) => a.what === "learn")!.minutes).toBe(50);
    const read = 2 * (P.restMin.value + P.startReadMin.value);
    expect(acts[0]!.minutes).toBe(read + 2 * P.startReadMin.value);
    expect(oneByOneMin - minutes).toBe(40 + 2 * read + 2 * P.isolateMin.value);
  });

  it("is never longer than unit after unit, saves nothing for one unit, and leaves nobody out", () => {
    fc.assert(
      fc.property(roofs, (units) => {
        const { acts, minutes, oneByOneMin } = roofOrder(units);
        expect(minutes).toBeLessThanOrEqual(oneByOneMin + 1e-9);
        if (units.length === 1) expect(minutes).toBeCloseTo(oneByOneMin, 9);
        for (const what of ["before", "isolate", "power", "learn", "after", "close"] as const)
          expect(acts.filter((a) => a.what === what).flatMap((a) => a.ids)).toEqual(units.map((u) => u.id));
        expect(acts.filter((a) => a.what === "fit").map((a) => a.ids)).toEqual(units.map((u) => [u.id]));
        expect(acts.reduce((sum, a) => sum + a.minutes, 0)).toBeCloseTo(minutes, 9);
      }),
      { seed: 17, numRuns: 60 },
    );
    expect(roofOrder([])).toEqual({ acts: [], minutes: 0, oneByOneMin: 0 });
  });
});
