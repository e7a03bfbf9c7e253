import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BREAKER_PARAMS, BreakerEquations, bandOf, checkBand, startsUntilTrip, tripSeconds } from "./index.ts";

const points = (pairs: readonly (readonly [number, number])[]) => pairs.map(([x, y]) => ({ x, y }));

describe("a breaker's own band", () => {
  const own = {
    earliest: points([
      [1.5, 40],
      [5, 2],
      [10, 0.01],
    ]),
    latest: points([
      [1.5, 400],
      [5, 8],
      [10, 1],
    ]),
  };

  it("takes the place of the generic one", () => {
    const breaker = new BreakerEquations(20, own);
    breaker.carry(100, 2);
    expect(breaker.earliestDose).toBeCloseTo(1, 9);
    expect(breaker.latestDose).toBeCloseTo(0.25, 9);
    expect(tripSeconds(own.earliest, 5)).toBeCloseTo(2, 9);
  });

  it.each([
    ["too-few", { ...own, latest: points([[2, 10]]) }, "latest"],
    [
      "multiple-not-above-one",
      {
        ...own,
        earliest: points([
          [1, 40],
          [5, 2],
        ]),
      },
      "earliest 1",
    ],
    [
      "seconds-not-positive",
      {
        ...own,
        earliest: points([
          [1.5, 40],
          [5, 0],
        ]),
      },
      "earliest 2",
    ],
    [
      "multiples-not-rising",
      {
        ...own,
        latest: points([
          [5, 400],
          [5, 80],
        ]),
      },
      "latest 2",
    ],
    [
      "seconds-not-falling",
      {
        ...own,
        latest: points([
          [2, 100],
          [5, 200],
        ]),
      },
      "latest 2",
    ],
    ["edges-cross", { earliest: own.latest, latest: own.earliest }, "earliest 1"],
    [
      "edges-cross",
      {
        earliest: points([
          [2, 100],
          [8, 100],
        ]),
        latest: points([
          [2, 2000],
          [4, 50],
          [8, 50],
        ]),
      },
      "earliest 2",
    ],
    [
      "edges-cross",
      {
        earliest: points([
          [2, 100],
          [8, 1],
        ]),
        latest: points([
          [2, 200],
          [3, 5],
          [8, 5],
        ]),
      },
      "latest 2",
    ],
  ] as const)("is refused when %s, with the place", (reason, band, where) => {
    expect(checkBand(band)).toEqual({ ok: false, reason, where });
  });

  it("accepts the generic bands", () => {
    for (const rating of [15, 30, 50]) expect(checkBand(bandOf(rating)).ok).toBe(true);
  });
});

describe("start after start", () => {
  it("agrees with heating and cooling a breaker step by step", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.9, noNaN: true }), fc.double({ min: 20, max: 900, noNaN: true }), (dose, restS) => {
        const said = startsUntilTrip(dose, restS);
        let heat = 0;
        let counted: number | null = null;
        for (let n = 1; n <= 400 && counted === null; n++) {
          heat += dose;
          if (heat >= 1) counted = n;
          heat *= Math.exp(-restS / BREAKER_PARAMS.coolingS.value);
        }
        if (said === null || said <= 400) expect(said).toBe(counted);
      }),
    );
  });

  it("never trips on starts that cool in full, and at once on one that is enough", () => {
    expect(startsUntilTrip(0.5, 3600)).toBeNull();
    expect(startsUntilTrip(1, 240)).toBe(1);
    expect(startsUntilTrip(0.6, 60)).toBe(2);
  });
});
