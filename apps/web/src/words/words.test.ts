import { ASSUMED, START_ISSUES } from "@amp-saver/core/study/motor-start";
import { PROOF_GAPS } from "@amp-saver/core/study/proof";
import { READING_VERDICTS } from "@amp-saver/core/study/reading";
import { STAGES } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { ASSUMED_WORDS, answerSentence, CHECK, MEASURE_WORDS } from "./check.ts";
import { STAGE_WORDS } from "./common.ts";
import { FILE_REFUSED, NEXT } from "./home.ts";
import { ISSUE_WORDS } from "./issues.ts";
import { PROOF } from "./proof.ts";
import { proofSentence } from "./prove.ts";

const text = (parts: readonly { readonly text: string }[]): string =>
  parts
    .map((p) => p.text)
    .join("")
    .replaceAll("\u00a0", " ");
const proof = (verdict: string, reduction = 0.652, runningChanged: boolean | null = false): string =>
  text(proofSentence({ verdict, beforeA: 62.6, afterA: 21.8, reduction, uncertainty: 0.02, runningChanged }));

describe("every code has its words", () => {
  it("findings, assumptions, verdicts of readings, stages", () => {
    expect(START_ISSUES.filter((code) => ISSUE_WORDS[code] === undefined)).toEqual([]);
    expect(ASSUMED.filter((code) => ASSUMED_WORDS[code] === undefined)).toEqual([]);
    expect(PROOF_GAPS.filter((gap) => PROOF.gaps[gap] === undefined)).toEqual([]);
    expect(STAGES.filter((stage) => STAGE_WORDS[stage] === undefined)).toEqual([]);
    for (const verdict of READING_VERDICTS) {
      const parts = proofSentence({ verdict, beforeA: 60, afterA: 20, reduction: 0.66, uncertainty: 0.02, runningChanged: null });
      expect(parts.filter((p) => p.decides === true).length).toBe(1);
      expect(text(parts)).toMatch(/[.?]$/);
    }
  });

  it("refusals of a file are whole sentences that name the place", () => {
    for (const [code, say] of Object.entries(FILE_REFUSED))
      expect([code, say("record 2, unit.fanA")]).toEqual([code, expect.stringMatching(/^[A-Z].*\.$/)]);
    expect(FILE_REFUSED["bad-field"]?.("record 2, unit.fanA")).toContain("record 2, unit.fanA");
  });

  it("measuring next says what becomes of the doubt", () => {
    for (const say of Object.values(MEASURE_WORDS)) expect(say(1.6, 0.3).replaceAll("\u00a0", " ")).toMatch(/± 1\.6 A becomes ± 0\.3 A\.$/);
    for (const say of Object.values(NEXT)) expect(text(say("Tin Lantern"))).toMatch(/^Tin Lantern: .*\.$/);
  });
});

describe("the proof in a sentence", () => {
  it("says plainly what happened to the running amps", () => {
    expect(proof("as-expected")).toBe("Yes: the start fell from 62.6 A to 21.8 A, 65 % less, and the running amps did not change.");
    expect(proof("as-expected", 0.652, null)).toBe("Yes: the start fell from 62.6 A to 21.8 A, 65 % less.");
    expect(proof("as-expected", 0.652, true)).toContain("the running amps changed, which a starter does not do");
  });

  it("never calls 40 % half, and claims nothing without a before reading", () => {
    expect(proof("less-than-expected", 0.402)).toBe("Less than expected: the start fell from 62.6 A to 21.8 A, 40 % less, not half.");
    expect(proof("no-before")).toBe("No before reading was taken, so the reduction is expected, not shown.");
  });
});

describe("the answer in a sentence", () => {
  const figures = { startSpareA: 3, runSpareA: 1.4, askedA: 67.7, limitA: 29.7, atS: 1.01, runAskedA: 19.2, runLimitA: 18, startS: 0.69 };
  const say = (code: string, decides: "start" | "run" = "run"): string =>
    text(answerSentence({ code, figures, decides, method: "direct", shore: false }));

  it("leads with the figure that decides", () => {
    expect(say("just-fits")).toBe("Yes, but it only just fits: starts with 3.0 A to spare, then keeps running with 1.4 A to spare.");
    expect(say("run-over-generator")).toBe("It starts, then drops out: running needs 19.2 A and the generator carries 18.0 A.");
    expect(say("undervoltage", "start")).toBe("No: direct it asks 67.7 A, the source gives 29.7 A and lets go after 1.01 s.");
    const marked = (decides: "start" | "run") =>
      answerSentence({ code: "fits", figures, decides, method: "direct", shore: false }).find((p) => p.decides)?.text;
    expect(marked("start")).toContain("3.0");
    expect(marked("run")).toContain("1.4");
  });

  it("names where it turns, or that it does not", () => {
    expect(CHECK.thresholds("106 °F", "3,100 ft", true)).toBe("Above 106 °F, or above 3,100 ft, it no longer does.");
    expect(CHECK.thresholds(null, null, true)).toBe("No weather or altitude on the rule changes that.");
    expect(CHECK.thresholds("106 °F", null, false)).toBe("");
  });
});
