import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { celsiusFromF, metresFromFt } from "../../quantity/index.ts";
import { ALTITUDE_RULES, airDensityShare, type Derating, deratingShares } from "./index.ts";

const share = (ft: number, f: number, rule?: Derating): number => deratingShares(metresFromFt(ft), celsiusFromF(f), rule).all;
const school = (altitude: Derating["altitude"], more: Partial<Derating> = {}): Derating => ({
  altitude,
  heat: false,
  propane: false,
  ...more,
});

describe("an engine's loss", () => {
  it("is 3 % per 1,000 ft and 1 % per 10 °F above 77 °F unless something else is said, never below nothing", () => {
    expect(share(0, 77)).toBe(1);
    expect(share(1000, 77)).toBeCloseTo(0.97, 9);
    expect(share(2000, 97)).toBeCloseTo(0.94 * 0.98, 9);
    expect(share(40_000, 77)).toBe(0);
    expect(share(-800, 60)).toBe(1);
  });

  it("multiplies height, heat and propane, each where it is counted", () => {
    expect(share(2000, 97, school("steeper"))).toBeCloseTo(0.93, 9);
    expect(share(2000, 97, school("none", { heat: true, propane: true }))).toBeCloseTo(0.98 * 0.9, 9);
    const parts = deratingShares(metresFromFt(5000), celsiusFromF(107), school("common", { heat: true, propane: true }));
    expect(parts.all).toBeCloseTo(parts.altitude * parts.heat * parts.fuel, 12);
  });

  it("follows the standard atmosphere where air density is the school (ISO 2533, from memory: 0.8617 at 5,000 ft, 0.7385 at 10,000 ft)", () => {
    expect(airDensityShare(metresFromFt(5000))).toBeCloseTo(0.8617, 3);
    expect(airDensityShare(metresFromFt(10_000))).toBeCloseTo(0.7385, 3);
    expect(share(5000, 77, school("air-density"))).toBeCloseTo(0.8617, 3);
    expect(Math.abs(share(5000, 77, school("common")) - share(5000, 77, school("air-density")))).toBeLessThan(0.02);
  });

  it("never shrinks on the way down or in cooler air, whatever the school", () => {
    const metres = fc.double({ min: -400, max: 6000, noNaN: true });
    const celsius = fc.double({ min: -30, max: 60, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...ALTITUDE_RULES),
        fc.boolean(),
        metres,
        metres,
        celsius,
        celsius,
        (altitude, propane, m1, m2, c1, c2) => {
          const rule: Derating = { altitude, heat: true, propane };
          const worse = deratingShares(Math.max(m1, m2), Math.max(c1, c2), rule).all;
          const better = deratingShares(Math.min(m1, m2), Math.min(c1, c2), rule).all;
          expect(better).toBeGreaterThanOrEqual(worse - 1e-12);
          expect(worse).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
