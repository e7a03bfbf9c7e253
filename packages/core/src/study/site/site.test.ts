import { describe, expect, it } from "vitest";
import { buildAsFound, STARTING_POINTS } from "../as-found/index.ts";
import { planWiring } from "../wiring-plan/index.ts";
import { judgeSite, SITE_QUESTIONS, type SiteAnswers, siteQuestions, usualMinutes } from "./index.ts";

const GOOD: SiteAnswers = { ...Object.fromEntries(SITE_QUESTIONS.map((q) => [q, true])), flammable: false };

describe("go or no-go", () => {
  it("is go with every answer given and none against", () => {
    expect(judgeSite(GOOD)).toEqual({ go: true, against: [], unanswered: [], who: "owner", noSparks: false });
  });

  it.each(["dry", "calm", "ladder", "daylight", "haul"] as const)("is no-go without %s", (q) => {
    expect(judgeSite({ ...GOOD, [q]: false })).toMatchObject({ go: false, against: [q] });
  });

  it("asks on the ground for no ladder, no bucket and no calm, and still for dry, light and leave", () => {
    expect(siteQuestions("ground")).toEqual(["dry", "helper", "daylight", "skilled", "allowed", "flammable"]);
    expect(siteQuestions("roof")).toEqual([...SITE_QUESTIONS]);
    const { calm: _calm, ladder: _ladder, haul: _haul, ...ground } = GOOD;
    expect(judgeSite(ground, "ground")).toMatchObject({ go: true, unanswered: [] });
    expect(judgeSite(ground)).toMatchObject({ go: false, unanswered: ["calm", "ladder", "haul"] });
    expect(judgeSite({ ...GOOD, ladder: false }, "ground")).toMatchObject({ go: true, against: [] });
    expect(judgeSite({ ...GOOD, dry: false }, "ground")).toMatchObject({ go: false, against: ["dry"] });
  });

  it("names working alone, but leaves that to the person", () => {
    expect(judgeSite({ ...GOOD, helper: false })).toMatchObject({ go: true, against: ["helper"] });
  });

  it("is left to a professional where skill or law say so, and not guessed before they are answered", () => {
    expect(judgeSite({ ...GOOD, skilled: false }).who).toBe("professional");
    expect(judgeSite({ ...GOOD, allowed: false }).who).toBe("professional");
    const { allowed: _allowed, ...open } = GOOD;
    expect(judgeSite(open)).toMatchObject({ go: false, unanswered: ["allowed"], who: "not-known" });
  });

  it("asks for no sparks with flammable refrigerant", () => {
    expect(judgeSite({ ...GOOD, flammable: true }).noSparks).toBe(true);
  });

  /** Common practice, no source: 15 to 60 minutes for one unit. */
  it("takes between a quarter of an hour and an hour for every usual wiring", () => {
    for (const { switches, family, options } of STARTING_POINTS) {
      const plan = planWiring(buildAsFound(switches), { family, ...options });
      if (!plan.ok) throw new Error(plan.reason);
      const minutes = usualMinutes(plan.value.steps);
      expect(minutes).toBeGreaterThan(15);
      expect(minutes).toBeLessThan(60);
    }
  });
});
