import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { judgePart, type PartReading, type PartVerdict, partBand, START_PARTS, type StartPart } from "./index.ts";

/** Common practice, no source. */
describe("a start part on the meter", () => {
  it.each<[StartPart, PartReading, number | null, PartVerdict]>([
    ["ptc", 25, null, "good"],
    ["ptc", "open", null, "open"],
    ["ptc", 0.2, null, "short"],
    ["ptc", 800, null, "high"],
    ["relay-contact", 0.1, null, "good"],
    ["relay-contact", "open", null, "open"],
    ["relay-contact", 12, null, "high"],
    ["relay-coil", 5200, null, "good"],
    ["relay-coil", "open", null, "open"],
    ["relay-coil", 3, null, "short"],
    ["start-capacitor", 190e-6, 180e-6, "good"],
    ["start-capacitor", 60e-6, 180e-6, "low"],
    ["start-capacitor", "open", 180e-6, "open"],
    ["start-capacitor", 180e-6, null, "no-print"],
    ["run-capacitor", 44e-6, 45e-6, "good"],
    ["run-capacitor", 40e-6, 45e-6, "low"],
    ["run-capacitor", 50e-6, 45e-6, "high"],
  ])("%s at %s, printed %s: %s", (part, reading, printed, verdict) => {
    expect(judgePart(part, reading, printed)).toBe(verdict);
  });

  it("is judged by the tolerance on its print where that is known", () => {
    expect(partBand("start-capacitor", 100e-6)).toMatchObject({ least: expect.closeTo(95e-6, 12), most: expect.closeTo(125e-6, 12) });
    expect(partBand("start-capacitor", 100e-6, 0.1)).toMatchObject({ least: expect.closeTo(90e-6, 12), most: expect.closeTo(110e-6, 12) });
    expect(judgePart("start-capacitor", 120e-6, 100e-6)).toBe("good");
    expect(judgePart("start-capacitor", 120e-6, 100e-6, 0.1)).toBe("high");
  });

  it("is good exactly within the band that is shown", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...START_PARTS),
        fc.double({ min: 1e-7, max: 50_000, noNaN: true }),
        fc.double({ min: 1e-6, max: 1e-3, noNaN: true }),
        (part, reading, printed) => {
          const band = partBand(part, printed)!;
          expect(judgePart(part, reading, printed) === "good").toBe(reading >= band.least && reading <= band.most);
        },
      ),
    );
  });
});
