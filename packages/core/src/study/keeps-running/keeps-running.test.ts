import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkOverload, fuelLPerH, shutdownAfterS } from "../../device/engine/index.ts";
import { bankHours, chargeAmps, engineHours } from "./index.ts";

describe("a generator's overload", () => {
  it("goes through the points of its table, straight on log–log paper, and never at what it carries for good", () => {
    expect([1.03, 1.05, 1.1, 1.25, 1.5].map((s) => shutdownAfterS(s))).toEqual([400, 250, 120, 30, 5].map((s) => expect.closeTo(s, 9)));
    expect(shutdownAfterS(1.02)).toBe(Number.POSITIVE_INFINITY);
    expect(shutdownAfterS(1.021)).toBeGreaterThan(3600);
    expect(shutdownAfterS(3)).toBe(5);
    expect(shutdownAfterS(Math.sqrt(1.25 * 1.5))).toBeCloseTo(Math.sqrt(30 * 5), 6);
  });

  it("comes sooner the more is asked", () => {
    const share = fc.double({ min: 0.9, max: 2, noNaN: true });
    fc.assert(
      fc.property(share, share, (a, b) => {
        expect(shutdownAfterS(Math.max(a, b))).toBeLessThanOrEqual(shutdownAfterS(Math.min(a, b)));
      }),
    );
  });

  it.each([
    [[[1.1, 60]], "too-few", "1"],
    [
      [
        [1.2, 60],
        [1.1, 30],
      ],
      "multiples-not-rising",
      "2",
    ],
    [
      [
        [1.1, 30],
        [1.2, 60],
      ],
      "seconds-not-falling",
      "2",
    ],
  ] as const)("refuses %j", (pairs, reason, where) => {
    expect(checkOverload(pairs.map(([x, y]) => ({ x, y })))).toEqual({ ok: false, reason, where });
  });

  it("takes the user's own points", () => {
    expect(
      shutdownAfterS(1.2, [
        { x: 1.2, y: 900 },
        { x: 1.4, y: 60 },
      ]),
    ).toBeCloseTo(900, 9);
  });
});

describe("fuel", () => {
  it("by hand, a 2,000 W set: 0.95 l/h at full load, 0.475 at half, 0.261 idling, 0.133 in eco mode, straight between", () => {
    expect(fuelLPerH(2000, 2000, false)).toBeCloseTo(0.95, 9);
    expect(fuelLPerH(1000, 2000, true)).toBeCloseTo(0.475, 9);
    expect(fuelLPerH(0, 2000, false)).toBeCloseTo(0.275 * 0.95, 9);
    expect(fuelLPerH(0, 2000, true)).toBeCloseTo(0.14 * 0.95, 9);
    expect(fuelLPerH(500, 2000, false)).toBeCloseTo((0.475 + 0.275 * 0.95) / 2, 9);
  });

  it("one gallon lasts a night of about eight hours in eco mode: 2,500 W set, one unit half the time (common practice, no source)", () => {
    const night = { steadyW: 40, cyclingW: 1345, duty: 0.5 };
    const { hours } = engineHours({ runningW: 2500, ratedW: 2500, eco: true, tankL: 3.785 }, night);
    expect(hours).toBeGreaterThan(6.5);
    expect(hours).toBeLessThan(9.5);
  });

  it("lasts longer in eco mode, and only where the tank is known", () => {
    const use = { runningW: 2200, ratedW: 2200, tankL: 4 };
    const demand = { steadyW: 300, cyclingW: 1200, duty: 0.5 };
    expect(engineHours({ ...use, eco: true }, demand).hours!).toBeGreaterThan(engineHours({ ...use, eco: false }, demand).hours!);
    expect(engineHours({ ...use, eco: true, tankL: null }, demand).hours).toBeNull();
  });
});

describe("a bank behind an inverter", () => {
  const bank = {
    volts: 25.6,
    ohm: 0.01,
    efficiency: 0.9,
    cutOffV: 22,
    cutOffS: 0.05,
    bms: null,
    ampHours: 200,
    depth: 0.8,
    exponent: 1,
    idleW: 0,
  };

  it("by hand, no resistance: 160 Ah at 1,152 W through 0.9 are 3.2 h at 50 A", () => {
    expect(bankHours({ ...bank, ohm: 0 }, { steadyW: 1152, cyclingW: 0, duty: 0 })).toEqual({
      hours: expect.closeTo(3.2, 9),
      amps: expect.closeTo(50, 9),
    });
  });

  it("lasts less behind a resistance, longer where the unit rests", () => {
    const on = (ohm: number, duty: number): number => bankHours({ ...bank, ohm }, { steadyW: 100, cyclingW: 1300, duty }).hours!;
    expect(on(0.02, 0.5)).toBeLessThan(on(0.001, 0.5));
    expect(on(0.01, 0.3)).toBeGreaterThan(on(0.01, 0.9));
  });
});

it("charging takes what is left on the breaker at a charger’s power factor, and nothing where nothing is left", () => {
  expect(chargeAmps(5, 120, 12.8)).toBeCloseTo((600 * 0.65 * 0.85) / (12.8 * 1.1), 9);
  expect(chargeAmps(-2, 120, 12.8)).toBe(0);
});
