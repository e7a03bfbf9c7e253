import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { judgeMounting, MOUNTING_CHECKS, type MountingPlace, MOUNTING_PARAMS as P } from "./index.ts";

const ALL = Object.fromEntries(MOUNTING_CHECKS.map((c) => [c, true])) as MountingPlace["clear"];
const GOOD: MountingPlace = {
  orientation: "upright",
  fastening: "both",
  surface: "clean-metal",
  roofC: 60,
  secondRestraint: true,
  screwM: 0.012,
  gapM: 0.03,
  leadM: 0.6,
  wayM: 0.4,
  clear: ALL,
};

describe("a place for the starter", () => {
  it("is go where nothing speaks against it", () => {
    expect(judgeMounting(GOOD)).toEqual([]);
  });

  it.each<[string, Partial<MountingPlace>, readonly string[]]>([
    ["upside down", { orientation: "upside-down" }, ["orientation"]],
    ["leads down where the sheet does not say so", { orientation: "leads-down" }, ["orientation"]],
    ["a screw nobody looked behind for", { gapM: null }, ["nobody-looked-behind"]],
    ["a screw that reaches what is behind", { screwM: 0.025 }, ["screw-too-long"]],
    ["tape on foam", { surface: "foam" }, ["surface-not-for-tape"]],
    ["tape in roof heat", { roofC: 85 }, ["too-hot-for-tape"]],
    ["tape alone", { fastening: "tape", secondRestraint: false, gapM: null }, ["second-restraint"]],
    ["leads that just reach", { wayM: 0.57 }, ["lead-too-short"]],
    ["the fan’s sweep", { clear: { ...ALL, fan: false } }, ["fan"]],
  ])("is no-go for %s", (_name, change, reasons) => {
    expect(judgeMounting({ ...GOOD, ...change })).toEqual(reasons);
  });

  it("asks nothing of screws where there are none, nothing of tape where there is none", () => {
    expect(judgeMounting({ ...GOOD, fastening: "tape", gapM: null, screwM: 1 })).toEqual([]);
    expect(judgeMounting({ ...GOOD, fastening: "screws", surface: "dirty", roofC: 120 })).toEqual([]);
  });

  it("lets a screw pass exactly when its tip stays clear of what is behind", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.1, noNaN: true }), fc.double({ min: 0, max: 0.1, noNaN: true }), (screwM, gapM) => {
        expect(judgeMounting({ ...GOOD, screwM, gapM }).length === 0).toBe(screwM + P.screwSpareM.value <= gapM);
      }),
    );
  });
});
