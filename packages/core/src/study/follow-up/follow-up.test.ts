import { describe, expect, it } from "vitest";
import { FOLLOW_UP_PARAMS, followUps } from "./index.ts";

const looks = (fastening: "tape" | "screws" | "both", roofC: number): string =>
  followUps({ fastening, roofC })
    .map((f) => `${f.what} ${f.months}`)
    .join(", ");

/** Common practice, no source. */
describe("when to look again", () => {
  it("is yearly for screws, sooner for tape on a hot roof, soonest for tape alone", () => {
    expect(looks("screws", 75)).toBe("yearly 12");
    expect(looks("both", 40)).toBe("yearly 12");
    expect(looks("both", 65)).toBe("tape 6, yearly 12");
    expect(looks("tape", 65)).toBe("first-heat 1, tape 6, yearly 12");
    expect(looks("tape", 40)).toBe("first-heat 1, yearly 12");
  });

  it("is in order, and never later than a year", () => {
    for (const fastening of ["tape", "screws", "both"] as const)
      for (const roofC of [0, 59.9, 60, 90]) {
        const months = followUps({ fastening, roofC }).map((f) => f.months);
        expect(months).toEqual(months.toSorted((a, b) => a - b));
        expect(months.at(-1)).toBe(FOLLOW_UP_PARAMS.yearlyMonths.value);
      }
  });
});
