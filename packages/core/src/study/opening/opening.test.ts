import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FINDING_STATES, judgeOpening, OPENING_FINDINGS, openingFindings, screwsMissing } from "./index.ts";

describe("what is found on opening", () => {
  it("stops where it would burn, come off or feed the unit, and only notes a nest, foam, rust or a dirty coil", () => {
    const found = (what: (typeof OPENING_FINDINGS)[number]) => judgeOpening({ [what]: "found" }, true);
    const stops = OPENING_FINDINGS.filter((what) => found(what).stops.length === 1);
    expect(stops).toEqual(["water", "bare-wire", "burnt", "broken-tab", "bulged-capacitor", "pitted-contactor"]);
    for (const what of OPENING_FINDINGS.filter((w) => !stops.includes(w))) expect(found(what).others).toEqual([what]);
    expect(judgeOpening({ burnt: "mended" }, true)).toMatchObject({ stops: [], others: [] });
  });

  it("asks for a contactor’s points only where there is one", () => {
    expect(openingFindings(false)).not.toContain("pitted-contactor");
    expect(judgeOpening({ "pitted-contactor": "found" }, false).stops).toEqual([]);
  });

  it("has every finding in exactly one place: open, none or mended, to be mended, or a stop", () => {
    const seen = fc.dictionary(fc.constantFrom(...OPENING_FINDINGS), fc.constantFrom(...FINDING_STATES));
    fc.assert(
      fc.property(seen, (answers) => {
        const { stops, others, open } = judgeOpening(answers, true);
        const settled = OPENING_FINDINGS.filter((what) => answers[what] === "none" || answers[what] === "mended");
        expect([...stops, ...others, ...open, ...settled].toSorted()).toEqual([...OPENING_FINDINGS].toSorted());
      }),
      { seed: 8 },
    );
  });
});

describe("screws by place", () => {
  it("are missing place by place: too few and too many do not make up for each other", () => {
    const counts = { shroud: { out: 8, in: 7, hidden: "sealant" }, "box-lid": { out: 4, in: 5, hidden: "nothing" } } as const;
    expect(screwsMissing(counts)).toEqual([
      ["shroud", 1],
      ["box-lid", -1],
    ]);
    expect(screwsMissing({ shroud: { out: 3, in: 3, hidden: "foam" } })).toEqual([]);
  });
});
