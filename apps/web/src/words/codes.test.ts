import { CALIBRATION_FAILURES, REFUSALS } from "@amp-saver/core/study/calibration";
import { CIRCUIT_ISSUES } from "@amp-saver/core/study/circuit";
import { LIMIT_CODES, ROOM_BY } from "@amp-saver/core/study/motor-start";
import { PRICES, REMEDIES, SIZE_REASONS } from "@amp-saver/core/study/remedy";
import { describe, expect, it } from "vitest";
import { CHOOSE, chooseSentence, PRICE_WORDS, REMEDY_WORDS, SIZE_WORDS } from "./choose.ts";
import { EXPLAIN } from "./explain.ts";
import { LEARN } from "./learn.ts";
import { PICTURES } from "./pictures.ts";
import { REFINE } from "./refine.ts";
import { SOURCE_WORDS } from "./sources.ts";
import { CIRCUIT_WORDS } from "./survey.ts";
import { WHY } from "./why.ts";

const missing = (codes: readonly string[], words: object): string[] => codes.filter((code) => !(code in words));
const plain = (text: string): string => text.replaceAll("\u00a0", " ");

describe("every code that a study can give is worded", () => {
  it("calibration, circuit, limits, remedies, prices, sizes", () => {
    expect(missing(CALIBRATION_FAILURES, REFINE.failures)).toEqual([]);
    expect(missing(REFUSALS, REFINE.refused)).toEqual([]);
    expect(missing(CIRCUIT_ISSUES, CIRCUIT_WORDS.issues)).toEqual([]);
    expect(missing(LIMIT_CODES, WHY.limitWords)).toEqual([]);
    expect(missing(REMEDIES, REMEDY_WORDS)).toEqual([]);
    expect(missing(PRICES, PRICE_WORDS)).toEqual([]);
    expect(missing(SIZE_REASONS, SIZE_WORDS)).toEqual([]);
  });

  it("each figure that opens has a name and at least one formula", () => {
    for (const [code, formula] of Object.entries(EXPLAIN.formulas)) {
      expect(EXPLAIN.names[code as keyof typeof EXPLAIN.names]).not.toBe("");
      for (const by of ROOM_BY) expect(formula(by)).toMatch(/^[A-Z+].*\.$/);
    }
  });

  it("no remedy and no finding tells anybody to raise a breaker or a wire", () => {
    const said = [
      ...Object.values(REMEDY_WORDS).flatMap((w) => [w.name, w.gives]),
      ...Object.values(CIRCUIT_WORDS.issues).map((say) => say(() => "20")),
    ];
    for (const text of said) expect(text).not.toMatch(/(fit|take|use|install|needs?) a (larger|bigger) (breaker|wire)/i);
    expect(CHOOSE.never).toContain("never a fix");
  });
});

describe("sentences with figures in", () => {
  it("say how a battery fares, how a starter tries again, and what a breaker stands", () => {
    expect(plain(WHY.battery({ startA: 210, startV: 11.2, runA: 128, runV: 11.9, cutOffV: 10.5 }))).toBe(
      "The battery supplies up to 210 A DC in the start, down to 11.2 V; running takes 128 A DC at 11.9 V. The inverter cuts off below 10.5 V.",
    );
    expect(plain(WHY.retries([{ limitA: 12 }, { limitA: 14.4 }]))).toBe(
      "The starter gives up at 12.0 A, then at 14.4 A. It waits about 3 min and retries with a higher limit.",
    );
    expect(plain(WHY.breaker(240, 4))).toContain("may trip at start 4");
    expect(plain(LEARN.breaker(1.2))).toContain("Rest longer");
    expect(plain(LEARN.breaker(0.4))).toContain("40 %");
  });

  it("read the pictures out", () => {
    expect(plain(PICTURES.time(60, 0.12, 4, 35))).toBe("60.0 A: reached for 0.12 s; may trip after 4.00 s, by 35.0 s");
    expect(plain(PICTURES.time(18, null, Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY))).toBe(
      "18.0 A: never reached; allowed for ever",
    );
    expect(plain(PICTURES.mapAt("95 °F", "1,000 ft", "just-fits", 97, 62))).toBe(
      "95 °F, 1,000 ft: barely fits, starts in 97 of 100 tries, works in 62",
    );
  });

  it("name the line and the field of bad input", () => {
    expect(SOURCE_WORDS.pointError("Ratings in between", 2, "two numbers")).toBe("Ratings in between, line 2: must be two numbers.");
    expect(SOURCE_WORDS.bandError(SOURCE_WORDS.bandEarliest, "2", SOURCE_WORDS.bandFailures["multiples-not-rising"])).toBe(
      "Trips at the earliest, line 2, must rise from line to line.",
    );
  });

  it("say what to take, how often it works, and what to measure to be sure", () => {
    const tries = (holds: number, trials: number) => ({ holds, trials, starts: trials, interval: [0, 1] as const });
    const said = (...given: Parameters<typeof chooseSentence>): string =>
      plain(
        chooseSentence(...given)
          .map((p) => p.text)
          .join(""),
      );
    const soft = { code: "soft", name: CHOOSE.starter("Roof class"), usd: 380, tries: tries(93, 100) } as const;
    expect(said(soft, null, null)).toMatch(/Roof class.*380.*: works in 93 of 100 tries\.$/);
    expect(said(soft, { name: "Bigger generator", usd: 2350 }, "running-amps")).toMatch(
      /works in 93 of 100 tries\. Measure the running amps first\. To be sure without measuring: Bigger generator, .*2,350/,
    );
    expect(said({ ...soft, code: "as-is", tries: tries(990, 1000) }, null, null)).toContain("99 of 100 tries");
    expect(said(null, null, null)).toContain("Use another source");
  });
});
