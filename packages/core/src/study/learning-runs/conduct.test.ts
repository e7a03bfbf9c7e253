import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SeededRandom } from "../../numeric/index.ts";
import { conduct, LEARNING_RULE_NAMES, LEARNING_RULES, type LearningRule, RULE_BOUNDS, type RunEvent, settledOf } from "./index.ts";

const RULE: LearningRule = { runs: 3, mostRuns: 5, runS: 60, restS: 300 };
const MIN = 60_000;
const T0 = 1_000_000_000;

/** Runs of a minute with rests of five, peaks as given. */
function runs(peaksA: readonly (number | null)[], from = T0): RunEvent[] {
  return peaksA.flatMap((peakA, k) => [
    { at: from + k * 6 * MIN, what: "start" as const },
    { at: from + k * 6 * MIN + MIN, what: "stop" as const, peakA },
  ]);
}

describe("runs and rests, conducted by what happened and when", () => {
  it("goes from ready through running and resting to ready again", () => {
    expect(conduct(RULE, [], T0).now).toEqual({ phase: "ready" });
    const [start, stop] = runs([30]) as [RunEvent, RunEvent];
    expect(conduct(RULE, [start], T0 + 20_000).now).toEqual({ phase: "running", sinceMs: T0, untilMs: T0 + MIN });
    expect(conduct(RULE, [start, stop], T0 + 2 * MIN).now).toEqual({ phase: "resting", sinceMs: T0 + MIN, untilMs: T0 + 6 * MIN });
    expect(conduct(RULE, [start, stop], T0 + 6 * MIN).now).toEqual({ phase: "ready" });
  });

  it("is done once enough runs have settled, and goes on while they have not", () => {
    expect(conduct(RULE, runs([26.5, 26, 25]), T0 + 20 * MIN)).toMatchObject({ now: { phase: "done" }, counted: 3, settled: true });
    expect(conduct(RULE, runs([34, 26, 21]), T0 + 18 * MIN)).toMatchObject({ now: { phase: "ready" }, counted: 3, settled: false });
    expect(conduct(RULE, runs([34, 30, 26, 23, 20]), T0 + 40 * MIN)).toMatchObject({ now: { phase: "done" }, settled: false });
  });

  it("goes by the count alone where no peak was read", () => {
    expect(conduct(RULE, runs([null, null, null]), T0 + 20 * MIN)).toMatchObject({ now: { phase: "done" }, settled: null });
    expect(conduct(RULE, runs([null, null]), T0 + 12 * MIN).now.phase).toBe("ready");
  });

  it("does not count a run that failed, but asks for its rest", () => {
    const failed: RunEvent[] = [
      { at: T0, what: "start" },
      { at: T0 + 5000, what: "stop", failed: true },
    ];
    expect(conduct(RULE, failed, T0 + 2 * MIN)).toMatchObject({ now: { phase: "resting" }, counted: 0, failed: 1, peaksA: [] });
  });

  it("says what was missed behind a locked screen", () => {
    const [start, stop] = runs([30]) as [RunEvent, RunEvent];
    expect(conduct(RULE, [start], T0 + 9 * MIN).missed).toEqual([{ what: "run-over", byS: 480 }]);
    expect(conduct(RULE, [start, stop], T0 + 16 * MIN)).toMatchObject({
      now: { phase: "ready" },
      missed: [{ what: "rest-over", byS: 600 }],
    });
  });

  it("names a start that came before pressures were equal", () => {
    const events: RunEvent[] = [...runs([30]), { at: T0 + 2 * MIN, what: "start" }];
    expect(conduct(RULE, events, T0 + 2 * MIN).missed).toEqual([{ what: "rest-short", run: 2, restS: 60, leastS: 270 }]);
  });

  it("does not count a run or a rest shorter than the rule, says so, and goes on counting after them", () => {
    const [start, stop] = runs([30]) as [RunEvent, RunEvent];
    const short: RunEvent = { at: T0 + 20_000, what: "stop", peakA: 33 };
    const cut = conduct(RULE, [start, short], T0 + MIN);
    expect(cut).toMatchObject({ counted: 0, short: 1, failed: 0, peaksA: [], countedAt: [], now: { phase: "resting" } });
    expect(cut.missed).toEqual([{ what: "run-short", run: 1, runS: 20, leastS: 54 }]);
    const hot: RunEvent[] = [start, stop, { at: T0 + 3 * MIN, what: "start" }, { at: T0 + 4 * MIN, what: "stop", peakA: 41 }];
    expect(conduct(RULE, hot, T0 + 5 * MIN)).toMatchObject({ counted: 1, short: 1, peaksA: [30], countedAt: [1] });
    const third: RunEvent[] = [...hot, { at: T0 + 9 * MIN, what: "start" }, { at: T0 + 10 * MIN, what: "stop", peakA: 27 }];
    expect(conduct(RULE, third, T0 + 11 * MIN)).toMatchObject({ counted: 2, short: 1, peaksA: [30, 27], countedAt: [1, 5] });
    const nearly: RunEvent[] = [start, { at: T0 + 55_000, what: "stop" }, { at: T0 + 55_000 + 275_000, what: "start" }];
    expect(conduct(RULE, nearly, T0 + 6 * MIN)).toMatchObject({ counted: 1, short: 0, missed: [] });
  });

  it("calls fewer than 6 of 100 settled ones unsettled and fewer than 6 of 100 that fall by 8 % a run settled, read with 3 % of scatter", () => {
    const random = new SeededRandom(4);
    const called = (fall: number): number => {
      let settled = 0;
      for (let k = 0; k < 2000; k++) {
        const peaks = [0, 1, 2].map((n) => 22 * (1 - fall) ** n * Math.exp(0.03 * (random.bell() + random.bell() + random.bell())));
        if (settledOf(peaks) === true) settled += 1;
      }
      return settled / 2000;
    };
    expect(called(0)).toBeGreaterThan(0.94);
    expect(called(0.08)).toBeLessThan(0.06);
    expect(settledOf([30, 24])).toBe(false);
    expect(settledOf([22, 21.5])).toBeNull();
    expect(settledOf([40, null, 22, 22.1, 21.9])).toBe(true);
  });

  it("knows since when cooling is asked for without a start", () => {
    const called: RunEvent = { at: T0, what: "call" };
    expect(conduct(RULE, [called], T0 + MIN)).toMatchObject({ now: { phase: "ready" }, calledMs: T0 });
    expect(conduct(RULE, [called, { at: T0 + MIN, what: "start" }], T0 + MIN).calledMs).toBeNull();
    expect(conduct(RULE, [called, { at: T0 + MIN, what: "stop" }], T0 + MIN)).toMatchObject({ calledMs: null, counted: 0, failed: 0 });
  });

  it("gives the whole rest again after the clock was set back", () => {
    const rested = runs([30]);
    const back = T0 - 60 * MIN;
    expect(conduct(RULE, rested, back).clockBack).toBe(true);
    const after = conduct(RULE, [...rested, { at: back, what: "clock" }], back + MIN);
    expect(after).toMatchObject({ clockBack: false, counted: 1, now: { phase: "resting", untilMs: back + 5 * MIN } });
  });

  it("asks for no rest when the clock was set back before the first start", () => {
    const events: RunEvent[] = [
      { at: T0, what: "call" },
      { at: T0 - 60 * MIN, what: "clock" },
    ];
    expect(conduct(RULE, events, T0 - 59 * MIN)).toMatchObject({ now: { phase: "ready" }, calledMs: T0 - 60 * MIN });
  });

  it("depends on the events and the moment alone: looked at or not in between, it is the same", () => {
    const peaks = fc.array(fc.option(fc.double({ min: 10, max: 60, noNaN: true })), { maxLength: 6 });
    fc.assert(
      fc.property(peaks, fc.integer({ min: 0, max: 60 * MIN }), (peaksA, later) => {
        const events = runs(peaksA);
        const at = (events.at(-1)?.at ?? T0) + later;
        const state = conduct(RULE, events, at);
        expect(state.counted).toBe(peaksA.length);
        expect(state.peaksA).toEqual(peaksA);
        expect(conduct(RULE, JSON.parse(JSON.stringify(events)) as RunEvent[], at)).toEqual(state);
        if (state.now.phase === "resting") expect(state.now.untilMs - state.now.sinceMs).toBe(RULE.restS * 1000);
      }),
      { seed: 12 },
    );
  });

  it("has every school within the bounds of a rule, none resting shorter than pressures need", () => {
    for (const name of LEARNING_RULE_NAMES) {
      const { runs: fewest, mostRuns, runS, restS } = LEARNING_RULES[name];
      expect(fewest).toBeLessThanOrEqual(mostRuns);
      expect(mostRuns).toBeLessThanOrEqual(RULE_BOUNDS.runs.max);
      expect(runS).toBeGreaterThanOrEqual(RULE_BOUNDS.runS.min);
      expect(runS).toBeLessThanOrEqual(RULE_BOUNDS.runS.max);
      expect(restS).toBeGreaterThanOrEqual(RULE_BOUNDS.restS.min);
    }
  });
});
