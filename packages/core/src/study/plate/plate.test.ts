import { describe, expect, it } from "vitest";
import { doubtPlate } from "./index.ts";

const doubt = (lockedRotorA: number | null, ratedLoadA: number | null, coolingBtuH: number | null = null) =>
  doubtPlate({ plateVolts: 115, lockedRotorA, ratedLoadA, coolingW: coolingBtuH === null ? null : coolingBtuH * 0.29307107 });

describe("figures of a plate that are asked for again", () => {
  it("locked over eight times rated, or under twice: a decimal point was slipped, and where it goes", () => {
    expect(doubt(630, 13.2)).toMatchObject({ code: "over-rated", meantA: 63 });
    expect(doubt(6.3, 13.2)).toMatchObject({ code: "under-rated", meantA: 63 });
    expect(doubt(150, 13.2)).toMatchObject({ code: "over-rated", meantA: null });
    expect(doubt(63, 13.2)).toBeNull();
  });

  it("by the cooling where rated amps are not read", () => {
    expect(doubt(630, null, 13_500)).toMatchObject({ code: "off-size", meantA: 63 });
    expect(doubt(63, null, 13_500)).toBeNull();
  });

  it("nothing is asked where there is nothing to compare with", () => {
    expect(doubt(630, null)).toBeNull();
    expect(doubt(null, 13.2, 13_500)).toBeNull();
  });

  /** Plates that were met (common practice, no source). */
  it.each([
    [78, 14.7],
    [74, 13],
    [58, 10.6],
    [105, 19.9],
  ])("%d A locked and %d A rated are believed", (locked, rated) => {
    expect(doubt(locked, rated)).toBeNull();
  });
});
