import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { metresFromFt } from "../../quantity/index.ts";
import { COPPER, GAUGES } from "../../reference/index.ts";
import { CORD_PARAMS, cordsOhm, ohmPerM } from "./index.ts";

describe("cords", () => {
  it("50 ft of 10 AWG: two conductors of 1.24 ohm per 1,000 ft and a plug", () => {
    expect(cordsOhm([{ awg: 10, lengthM: metresFromFt(50) }])).toBeCloseTo(0.124 + CORD_PARAMS.contactOhm.value, 6);
  });

  it("add up in a row, a plug each", () => {
    const one = { awg: 12, lengthM: 7.5 } as const;
    const other = { awg: 14, lengthM: 15 } as const;
    expect(cordsOhm([one, other])).toBeCloseTo(cordsOhm([one]) + cordsOhm([other]), 12);
    expect(cordsOhm([])).toBe(0);
  });

  it("resist more the longer and the thinner they are", () => {
    const lengthM = fc.double({ min: 0, max: 200, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...GAUGES), fc.constantFrom(...GAUGES), lengthM, lengthM, (a, b, m, n) => {
        const [thin, thick] = ohmPerM(a) >= ohmPerM(b) ? [a, b] : [b, a];
        expect(cordsOhm([{ awg: thin, lengthM: Math.max(m, n) }])).toBeGreaterThanOrEqual(
          cordsOhm([{ awg: thick, lengthM: Math.min(m, n) }]) - 1e-12,
        );
      }),
    );
  });

  it("the table: each three sizes halve the copper, so ohm double within 4 %, and amps never fall with size", () => {
    for (const [i, row] of COPPER.entries()) {
      const thinner = COPPER.find((c) => c.awg === row.awg + 3);
      if (thinner !== undefined) expect(thinner.ohmPer1000Ft / row.ohmPer1000Ft).toBeCloseTo(2, 0);
      if (thinner !== undefined) expect(Math.abs(thinner.ohmPer1000Ft / row.ohmPer1000Ft / 2 - 1)).toBeLessThan(0.04);
      const before = COPPER[i - 1];
      if (before?.ampacity60A != null) expect(row.ampacity60A!).toBeGreaterThan(before.ampacity60A);
    }
  });
});
