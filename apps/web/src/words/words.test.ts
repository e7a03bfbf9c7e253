import type { AssessedSide, Assessment } from "@amp-saver/core/study/assess";
import { ASSUMED, type Finding } from "@amp-saver/core/study/motor-start";
import { PROOF_GAPS } from "@amp-saver/core/study/proof";
import { READING_VERDICTS } from "@amp-saver/core/study/reading";
import { SINCE_VERDICTS, type SinceVerdict } from "@amp-saver/core/study/since";
import { STAGES } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { answerSentence } from "./answer.ts";
import { ASSUMED_WORDS, CHECK, MEASURE_WORDS, measureNext } from "./check.ts";
import { FIT } from "./fit.ts";
import { FILE_REFUSALS, fileRefused } from "./home.ts";
import { PROOF } from "./proof.ts";
import { proofSentence, visitSentence } from "./prove.ts";
import { STAGE_WORDS } from "./stages.ts";

const text = (parts: readonly { readonly text: string }[]): string =>
  parts
    .map((p) => p.text)
    .join("")
    .replaceAll("\u00a0", " ");
const proof = (verdict: string, reduction = 0.652, running: "same" | "changed" | "cannot-tell" | null = "same"): string =>
  text(proofSentence({ verdict, beforeA: 62.6, afterA: 21.8, reduction, low: 0.6, high: 0.7, running, side: "before" }));

describe("every code has its words", () => {
  it("assumptions, verdicts of readings, stages", () => {
    expect(ASSUMED.filter((code) => ASSUMED_WORDS[code] === undefined)).toEqual([]);
    expect(PROOF_GAPS.filter((gap) => PROOF.gaps[gap] === undefined)).toEqual([]);
    expect(STAGES.filter((stage) => STAGE_WORDS[stage] === undefined)).toEqual([]);
    for (const verdict of READING_VERDICTS) {
      for (const side of ["before", "after"] as const) {
        const parts = proofSentence({ verdict, beforeA: 60, afterA: 20, reduction: 0.66, low: 0.6, high: 0.7, running: null, side });
        expect(parts.filter((p) => p.decides === true).length).toBe(1);
        expect(text(parts)).toMatch(/[.?]$/);
      }
    }
    for (const verdict of SINCE_VERDICTS)
      for (const figures of [
        { thenA: 21.8, nowA: 33.1, change: 0.52 },
        { thenA: null, nowA: null, change: null },
      ]) {
        const parts = visitSentence({ verdict, ...figures });
        expect(parts.filter((p) => p.decides === true).length).toBe(1);
        expect(text(parts)).toMatch(/\.$/);
      }
  });

  it("refusals of a file are whole sentences that name the place", () => {
    for (const code of FILE_REFUSALS)
      expect([code, fileRefused(code, "record 2, unit.fanA")]).toEqual([code, expect.stringMatching(/^[A-Z].*\.$/)]);
    expect(fileRefused("bad-field", "record 2, unit.fanA")).toContain("record 2, unit.fanA");
  });

  it("what a refusal quotes is short, and its letters are to be seen", () => {
    for (const code of FILE_REFUSALS) expect(fileRefused(code, "x".repeat(100_000)).length).toBeLessThan(240);
    expect(fileRefused("bad-field", "rig.\u200b\u202eeman")).toContain("rig.\ufffd\ufffdeman");
  });

  it("measuring next says what becomes of the doubt", () => {
    const codes = Object.keys(MEASURE_WORDS) as (keyof typeof MEASURE_WORDS)[];
    for (const code of codes) {
      const whole = measureNext(code, { now: 1.6, measured: 0.3 }, { now: 0.4, measured: 0.3 }).replaceAll("\u00a0", " ");
      expect(whole).toMatch(/: ± 1\.6 A becomes ± 0\.3 A\. The tries get 25 % surer\. About \d+ min\.$/);
      expect(measureNext(code, null, null)).toMatch(/^[^:±]*(: a clamp on the supply, unit off)?\. About/);
    }
  });
});

describe("why a place to mount is no good", () => {
  it("gives the limits of the table in the reader's measure, and never in both", () => {
    const said = (reason: keyof typeof FIT.reasons, measure: "us" | "si"): string => FIT.reasons[reason](measure).replaceAll("\u00a0", " ");
    expect(said("screw-too-long", "us")).toBe("The screw is too long: 0.24 in must stay free behind its tip.");
    expect(said("screw-too-long", "si")).toBe("The screw is too long: 6 mm must stay free behind its tip.");
    expect(said("too-hot-for-tape", "us")).toBe("Tape fails above 176 °F; follow its sheet.");
    expect(said("lead-too-short", "us")).toBe("The leads are too short for this route, with 2 in to spare.");
    expect(said("lead-too-short", "si")).toBe("The leads are too short for this route, with 50 mm to spare.");
  });
});

describe("the proof in a sentence", () => {
  it("says plainly what happened to the running amps", () => {
    expect(proof("as-expected")).toBe("Yes: starting amps fell from 62.6 A to 21.8 A, 65 % less, and the running amps did not change.");
    expect(proof("as-expected", 0.652, null)).toBe("Yes: starting amps fell from 62.6 A to 21.8 A, 65 % less.");
    expect(proof("as-expected", 0.652, "changed")).toContain("the running amps changed, which a starter does not do");
  });

  it("never calls 40 % half, and claims nothing without a before reading", () => {
    expect(proof("less-than-expected", 0.402)).toBe("Less than expected: starting amps fell from 62.6 A to 21.8 A, 40 % less, not half.");
    expect(proof("no-before")).toBe("No before readings, so the reduction is expected, not shown.");
  });
});

describe("a later visit in a sentence", () => {
  const said = (verdict: SinceVerdict, nowA: number, change: number): string => text(visitSentence({ verdict, thenA: 21.8, nowA, change }));
  it("says yes only where nothing moved, and gives both figures", () => {
    expect(said("alike", 22, 0.01)).toBe("Yes: 22.0 A and 21.8 A then are the same within the readings.");
    expect(said("higher", 33.1, 0.518)).toBe("No: it starts at 33.1 A, 52 % more than the 21.8 A of then.");
    expect(said("lower", 17.4, -0.2)).toBe("It starts at 17.4 A, 20 % less than the 21.8 A of then.");
  });
});

describe("the answer in a sentence", () => {
  const side = (spareA: number | null, more: Partial<AssessedSide> = {}): AssessedSide => ({
    by: "source",
    neededA: 62.8,
    availableA: spareA === null ? null : 62.8 + spareA,
    spareA,
    spareShare: spareA === null ? null : spareA / (62.8 + spareA),
    toleranceA: 1,
    fit: "fits",
    ...more,
  });
  const tries = (holds: number) => ({ trials: 1000, holds, starts: 1000, interval: [0, 1] as const });
  const base: Assessment = {
    fit: "fits",
    provisional: false,
    decides: "run",
    start: side(3),
    run: side(1.4),
    leastVolts: null,
    findings: [],
    capped: false,
    tries: tries(980),
  };
  const say = (change: Partial<Assessment>): string => text(answerSentence({ ...base, ...change }, "inverter-generator"));
  const marked = (change: Partial<Assessment>): string =>
    answerSentence({ ...base, ...change }, "shore")
      .flatMap((p) => (p.decides === true ? [p.text.replaceAll("\u00a0", " ")] : []))
      .join("|");
  const stop = <C extends Finding["code"]>(code: C, figures: object): Finding =>
    ({ code, severity: "stop", figures, source: "" }) as unknown as Finding;

  it("says what is to spare of both, and marks the one that decides", () => {
    expect(say({})).toBe("Yes. It starts with 3.0 A to spare and runs with 1.4 A to spare.");
    expect(say({ fit: "just-fits" })).toBe("Barely. It starts with 3.0 A to spare and runs with 1.4 A to spare.");
    expect(marked({ decides: "start" })).toBe("3.0 A to spare");
    expect(marked({ decides: "run" })).toBe("1.4 A to spare.");
  });

  it("leads with what stops it", () => {
    const shuts = stop("source-undervoltage", { sinceS: 0.01, atS: 1, lowestShare: 0.3 });
    expect(say({ fit: "too-much", decides: "start", start: side(-38.2), run: null, findings: [shuts] })).toBe(
      "No. It needs 62.8 A to start; this generator can supply 24.6 A and shuts off after 1.00 s.",
    );
    const over = stop("run-over-rating", { watts: 2300, limitW: 2160, neededA: 19.2, availableA: 18, afterS: 250 });
    expect(say({ fit: "too-much", findings: [over] })).toBe(
      "No. It starts, then the generator shuts off after about 4 min: running needs 19.2 A; it can supply 18.0 A.",
    );
  });

  it("says what the tries say where no single cause does, and never figures that contradict the word before them", () => {
    expect(say({ fit: "too-much", tries: tries(430) })).toBe("Probably not. It works in 43 of 100 tries.");
    expect(say({ fit: "just-fits", tries: tries(610), run: side(-0.8) })).toBe("Barely. It works in 61 of 100 tries.");
  });

  it("calls a rule a rule", () => {
    const rule = { code: "rule-motor-share", severity: "warn", figures: { countedA: 17.5, ratingA: 15 }, source: "" } as const;
    expect(say({ fit: "just-fits", capped: true, findings: [rule] })).toBe(
      "Barely. It starts and runs, but the code counts 17.5 A on this 15 A breaker.",
    );
  });

  it("names where it turns, or that it does not", () => {
    expect(CHECK.thresholds("106 °F", "3,100 ft", true)).toBe("Stops working above 106 °F or 3,100 ft.");
    expect(CHECK.thresholds(null, null, true)).toBe("No weather or altitude on this scale changes that.");
    expect(CHECK.thresholds("106 °F", null, false)).toBe("");
  });
});
