import { describe, expect, it } from "vitest";
import { honesty } from "./second-model/honesty.ts";

/** A sample; the bench says it of 200 cases of each kind. */
const CASES = 10;
const TRUTHS = 6;

describe.each(["blanks", "everything"] as const)("what is said of cases with %s", (read) => {
  it("is what holds by a second model of another make and prior: within ten points over all, and band by band in order", () => {
    const bands = honesty(CASES, TRUTHS, read, 7);
    const cases = bands.reduce((sum, b) => sum + b.cases, 0);
    expect(cases).toBe(CASES);
    const mean = (of: (b: (typeof bands)[number]) => number): number => bands.reduce((sum, b) => sum + b.cases * of(b), 0) / cases;
    expect(Math.abs(mean((b) => b.said) - mean((b) => b.held))).toBeLessThan(0.1);
    expect(bands[0]!.held).toBeLessThan(bands[4]!.held - 0.3);
  });
});
