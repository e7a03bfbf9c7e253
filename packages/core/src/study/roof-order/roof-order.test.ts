import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ROOF_ORDER_PARAMS as P, type RoofUnit, roofForTwo, roofOrder } from "./index.ts";

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

describe("the order of work over a roof for two", () => {
  it("fits two units side by side, and has somebody below whenever power is on", () => {
    const { turns } = roofForTwo([unit("front", { wiringMin: 40 }), unit("rear")]);
    const fit = turns.find((t) => t.what === "fit");
    expect([fit?.roof.ids, fit?.below.ids]).toEqual([["front"], ["rear"]]);
    for (const turn of turns)
      if (["before", "power", "learn", "after"].includes(turn.what)) expect(["call", "power-on"]).toContain(turn.below.task);
    expect(roofForTwo([unit("only")]).turns.find((t) => t.what === "fit")?.below.task).toBe("mind-locks");
  });

  it("is never longer than for one, fits every unit once, and each person one after the other", () => {
    fc.assert(
      fc.property(roofs, (units) => {
        const [one, two] = [roofOrder(units), roofForTwo(units)];
        expect(two.minutes).toBeLessThanOrEqual(one.minutes + 1e-9);
        const fits = two.turns.filter((t) => t.what === "fit");
        expect(fits).toHaveLength(1);
        expect([...fits.flatMap((f) => [...f.roof.ids, ...f.below.ids])].toSorted()).toEqual(units.map((u) => u.id).toSorted());
        const alone = one.acts.filter((a) => a.what === "fit").map((a) => a.minutes);
        expect(fits[0]!.minutes).toBeGreaterThanOrEqual(Math.max(...alone) - 1e-9);
        expect(fits[0]!.minutes).toBeGreaterThanOrEqual(alone.reduce((sum, m) => sum + m, 0) / 2 - 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});
