import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { numbersIn, readNumber } from "./index.ts";

describe("a number as it is typed", () => {
  it("is read with point or comma, spaces and either minus", () => {
    fc.assert(
      fc.property(fc.integer({ min: -99_999, max: 99_999 }), (hundredths) => {
        const value = hundredths / 100 + 0;
        const text = String(value);
        for (const typed of [text, text.replace(".", ","), ` ${text} `, text.replace("-", "\u2212")])
          expect(readNumber(typed, -1000, 1000)).toBe(value);
      }),
      { seed: 18 },
    );
  });

  it("means thousands where a comma parts them, but for where only the decimal comma is within bounds", () => {
    expect(numbersIn("1,234")).toEqual([1234, 1.234]);
    expect(readNumber("1,234", 50, 100_000)).toBe(1234);
    expect(readNumber("1,234", 0.05, 100)).toBe(1.234);
    expect(readNumber("0,345", 0, 100_000)).toBe(0.345);
    expect(readNumber("12,500,000.5", 0, 1e9)).toBe(12_500_000.5);
    expect(readNumber("13 500", 0, 1e5)).toBe(13_500);
  });

  it("is nothing where nothing is typed, and none where it is no number or out of its bounds", () => {
    expect(readNumber(" \u00a0", 0, 1)).toBeNull();
    for (const text of ["1e2", "0x5", "1.2.3", "NaN", "Infinity", "--1", "1,2,3", "12 A", "."])
      expect(readNumber(text, -1e9, 1e9)).toBeUndefined();
    expect(readNumber("10.1", 0, 10)).toBeUndefined();
    expect(Object.is(readNumber("-0", -1, 1), 0)).toBe(true);
  });
});
