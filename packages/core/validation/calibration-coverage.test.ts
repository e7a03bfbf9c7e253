import { describe, expect, it } from "vitest";
import { CALIBRATED_BY, calibrationCoverage } from "./second-model/calibrating.ts";

/** A sample; the bench says it of 150 units a row. */
const UNITS = 6;

describe("units refined by readings of another solver's starts", () => {
  it.each(CALIBRATED_BY)("%s: nearer to the truth than the plate, within the ranges that are told", (by) => {
    const { cases, held, plateOff, refinedOff } = calibrationCoverage(by, UNITS, 3);
    expect(cases).toBe(UNITS);
    expect(refinedOff.lraA).toBeLessThan(plateOff.lraA);
    expect(refinedOff.runA).toBeLessThan(plateOff.runA);
    for (const share of Object.values(held)) expect(share).toBeGreaterThanOrEqual((UNITS - 2) / UNITS);
  });
});
