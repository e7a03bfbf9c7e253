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
  it("is go where nothing speaks against it and nothing is open", () => {
    expect(judgeMounting(GOOD)).toEqual({ against: [], open: [] });
  });

  it.each<[string, Partial<MountingPlace>, readonly string[]]>([
    ["upside down", { orientation: "upside-down" }, ["upside-down"]],
    ["a screw that reaches what is behind", { screwM: 0.025 }, ["screw-too-long"]],
    ["tape on foam", { surface: "foam" }, ["surface-not-for-tape"]],
    ["tape in roof heat", { roofC: 85 }, ["too-hot-for-tape"]],
    ["leads that just reach", { wayM: 0.57 }, ["lead-too-short"]],
  ])("is no-go for %s", (_name, change, against) => {
    expect(judgeMounting({ ...GOOD, ...change })).toEqual({ against, open: [] });
  });

  it.each<[string, Partial<MountingPlace>, readonly string[]]>([
    ["nobody said how it is mounted", { orientation: null }, ["orientation"]],
    ["nobody looked behind the sheet for a screw", { gapM: null }, ["behind"]],
    ["tape holds alone", { fastening: "tape", secondRestraint: false }, ["second-restraint"]],
    ["nobody looked at the fan and for water", { clear: { ...ALL, fan: false, water: false } }, ["fan", "water"]],
  ])("is open, and not wrong, where %s", (_name, change, open) => {
    expect(judgeMounting({ ...GOOD, ...change })).toEqual({ against: [], open });
  });

  it.each(["upright", "leads-down", "sideways", "flat"] as const)("may be mounted %s, as its sheet allows", (orientation) => {
    expect(judgeMounting({ ...GOOD, orientation }).against).toEqual([]);
  });

  it("asks nothing of screws where there are none, nothing of tape where there is none", () => {
    expect(judgeMounting({ ...GOOD, fastening: "tape", gapM: null, screwM: 1 })).toEqual({ against: [], open: [] });
    expect(judgeMounting({ ...GOOD, fastening: "screws", surface: "dirty", roofC: 120 })).toEqual({ against: [], open: [] });
  });

  it("lets a screw pass exactly when its tip stays clear of what is behind", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.1, noNaN: true }), fc.double({ min: 0, max: 0.1, noNaN: true }), (screwM, gapM) => {
        expect(judgeMounting({ ...GOOD, screwM, gapM }).against.length === 0).toBe(screwM + P.screwSpareM.value <= gapM);
      }),
    );
  });
});
