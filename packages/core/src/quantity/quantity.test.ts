import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  assert,
  assertNever,
  celsiusFromF,
  DEFAULT_TOLERANCE,
  fahrenheitFromC,
  formatAmps,
  formatNumber,
  formatSeconds,
  formatWith,
  ftFromMetres,
  metresFromFt,
  ORIGINS,
  quantity,
  rpmFromRadS,
  spreadTolerance,
  typicalOf,
  weaker,
} from "./index.ts";

describe("a quantity", () => {
  it("trusts a measurement most and a guess least", () => {
    const tolerances = ORIGINS.map((o) => DEFAULT_TOLERANCE[o]);
    expect(tolerances).toEqual(tolerances.toSorted((a, b) => a - b));
    expect(weaker("plate", "typical")).toBe("typical");
    expect(weaker("guessed", "measured")).toBe("guessed");
  });

  it("takes its tolerance from its origin unless told otherwise", () => {
    expect(quantity(10, "plate").tolerance).toBe(DEFAULT_TOLERANCE.plate);
    expect(quantity(10, "plate", 0.01).tolerance).toBe(0.01);
  });

  it("throws on what is no figure", () => {
    expect(() => quantity(Number.NaN, "plate")).toThrow();
    expect(() => quantity(Number.POSITIVE_INFINITY, "plate")).toThrow();
    expect(() => quantity(1, "plate", -1)).toThrow();
  });

  it("reads its tolerance off a parameter's spread", () => {
    const param = { label: "x", unit: "1", value: 2, min: 0, max: 9, spread: [1, 3] as const, source: "test" };
    expect(spreadTolerance(param)).toBe(0.5);
    expect(typicalOf(param)).toEqual({ value: 2, origin: "typical", tolerance: 0.5 });
    expect(typicalOf({ label: "x", unit: "1", value: 2, min: 0, max: 9, source: "test" }).tolerance).toBe(DEFAULT_TOLERANCE.typical);
  });
});

describe("conversion", () => {
  it("knows its fixed points", () => {
    expect(celsiusFromF(212)).toBeCloseTo(100, 12);
    expect(fahrenheitFromC(35)).toBeCloseTo(95, 12);
    expect(metresFromFt(1000)).toBeCloseTo(304.8, 12);
    expect(rpmFromRadS(120 * Math.PI)).toBeCloseTo(3600, 9);
  });

  it("goes there and back", () => {
    fc.assert(
      fc.property(fc.double({ min: -500, max: 500, noNaN: true }), (x) => {
        expect(fahrenheitFromC(celsiusFromF(x))).toBeCloseTo(x, 9);
        expect(ftFromMetres(metresFromFt(x))).toBeCloseTo(x, 9);
      }),
      { seed: 51 },
    );
  });
});

describe("figures as text", () => {
  it("keep the unit with the figure and group thousands", () => {
    expect(formatWith(12345.6, 1, "W")).toBe("12,345.6\u00a0W");
    expect(formatAmps(63)).toBe("63.0\u00a0A");
    expect(formatAmps(152.94)).toBe("153\u00a0A");
    expect(formatSeconds(0.694)).toBe("0.69\u00a0s");
    expect(formatSeconds(12.34)).toBe("12.3\u00a0s");
  });

  it("use a true minus, and none for what rounds to nothing", () => {
    expect(formatNumber(-3.14, 1)).toBe("\u22123.1");
    expect(formatNumber(-0.04, 1)).toBe("0.0");
  });

  it("never change a figure by more than half its last digit", () => {
    fc.assert(
      fc.property(fc.double({ min: -99999, max: 99999, noNaN: true }), fc.integer({ min: 0, max: 3 }), (x, decimals) => {
        const back = Number(formatNumber(x, decimals).replaceAll(",", "").replace("\u2212", "-"));
        expect(Math.abs(back - x)).toBeLessThanOrEqual(0.5 * 10 ** -decimals + 1e-9);
      }),
      { seed: 52 },
    );
  });
});

describe("programmer errors", () => {
  it("throw", () => {
    expect(() => assert(false, "no")).toThrow("no");
    expect(() => assertNever("x" as never)).toThrow("x");
  });
});
