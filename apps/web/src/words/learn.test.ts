import { conduct, type RunEvent } from "@amp-saver/core/study/learning-runs";
import { judgeWaiting } from "@amp-saver/core/study/waiting";
import { describe, expect, it } from "vitest";
import { againstSentence, clock, LEARN, learnSentence, spell, waitingSentence } from "./learn.ts";

const RULE = { runs: 3, mostRuns: 4, runS: 60, restS: 300 };
const said = (parts: readonly { readonly text: string }[]): string =>
  parts
    .map((p) => p.text)
    .join("")
    .replaceAll("\u00a0", " ");
const after = (peaksA: readonly (number | null)[]): string => {
  const events = peaksA.flatMap((peakA, k): RunEvent[] => [
    { at: k * 400_000, what: "start" },
    { at: k * 400_000 + 60_000, what: "stop", peakA },
  ]);
  return said(learnSentence(conduct(RULE, events, 1e9), RULE.mostRuns));
};

describe("whether it has learned, in a sentence", () => {
  it.each([
    [[], "Not yet: no run is finished."],
    [[null], "Not yet: 1 run done."],
    [[34, 26], "Not yet: the peak still moves by 24 % a run."],
    [[26, 25.5], "Not yet: three peaks tell whether it has settled."],
    [[26.5, 26, 25.5], "Yes: after 3 runs it has settled at 25.5 A."],
    [[34, 26, 25.5], "Not yet: the peak still moves by 13 % a run."],
    [[null, null, null], "The rule’s 3 runs are done; too few peaks were read to tell."],
    [[34, 30, 26, 22], "After 4 runs it still moves: see its sheet."],
  ])("%j: %s", (peaks, sentence) => {
    expect(after(peaks)).toBe(sentence);
  });
});

describe("whether it waits, in a sentence", () => {
  const wait = (elapsedS: number, volts: number | null = null, fan: boolean | null = null): string => {
    const none = { energyManager: false, transferSwitch: false, thermostatJustOff: false };
    const study = judgeWaiting({ elapsedS, fan, compressor: null, volts, plateVolts: 115, starterDelayS: 180, ...none });
    return said(waitingSentence(study, elapsedS));
  };

  it("says who waits and how long still, then that it is late", () => {
    expect(wait(60)).toBe("Waiting, not faulty: start delay, 3:15 until it is late.");
    expect(wait(210)).toBe("Any moment now: late in 0:45.");
    expect(wait(300)).toBe("Late by 0:45: off, then look.");
    expect(wait(60, 98)).toBe("Too few volts to start: find out what else is on.");
    expect(wait(90, 119, false)).toBe("The fan should be running: no call, or no power.");
  });
});

describe("times in words", () => {
  it("are short, and never negative", () => {
    expect([clock(0), clock(59.6), clock(192), clock(-3)]).toEqual(["0:00", "1:00", "3:12", "0:00"]);
    expect([spell(30), spell(300), spell(210), spell(2400)].map((t) => t.replaceAll("\u00a0", " "))).toEqual([
      "30 s",
      "5 min",
      "3.5 min",
      "40 min",
    ]);
  });

  it("say what was missed and that nothing is lost", () => {
    expect(LEARN.missed({ what: "rest-over", byS: 600 })).toContain("10 min ago. You can start it now.");
    expect(LEARN.missed({ what: "run-over", byS: 480 })).toContain("Switch it off now.");
    expect(LEARN.missed({ what: "rest-short", run: 2, restS: 60, leastS: 270 })).toContain("60 s of rest");
  });
});

describe("the last peak beside what is expected", () => {
  const range = { middle: 16, low: 12.5, high: 20 };
  it("says by how much it is off, of the end it is beyond, and what to look at", () => {
    const at = (lastA: number, how: Parameters<typeof againstSentence>[1]) => againstSentence(lastA, how, range).replaceAll("\u00a0", " ");
    expect(at(18, "same")).toBe("The last peak lies within that.");
    expect(at(25, "above")).toMatch(/^The last peak, 25\.0 A, is 25 % above that\. Let it learn more\./);
    expect(at(10, "below")).toBe("The last peak, 10.0 A, is 20 % below that. Check the meter’s mode and the wire it is on.");
    expect(at(10, "not-known")).toBe("");
  });
});
