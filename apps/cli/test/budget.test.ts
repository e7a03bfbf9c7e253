import { describe, expect, it } from "vitest";
import { check } from "../src/check.ts";

type Case = Record<string, unknown>;
const FORMAT = { format: "amp-saver/budget-case", version: 1 };
const AC = { id: "ac1", runA: 12, runW: 1345, startA: 22, cycles: true, leg: 1, priority: 1, continuous: true };
const SHORE = { kind: "shore", volts: 120, breakerA: 30, legs: 1 };
const SET = { kind: "inverter-generator", volts: 120, runningW: 2200, surgeW: 2700, altitudeFt: 0, ambientF: 77, legs: 1 };
const load = (id: string, runA: number, more: Case = {}): Case => ({ id, runA, leg: 1, priority: 3, ...more });

const run = (source: Case, loads: readonly Case[]): Case => {
  const outcome = check(JSON.stringify({ ...FORMAT, source, loads }));
  if (outcome.exit !== 0) throw new Error(outcome.line);
  return JSON.parse(outcome.out) as Case;
};
const refused = (given: unknown): string => {
  const outcome = check(JSON.stringify(given));
  if (outcome.exit === 0) throw new Error("was not refused");
  return outcome.line;
};

describe("a budget case", () => {
  it("prints what the format names", () => {
    const result = run(SHORE, [AC, load("fridge", 1.6)]);
    expect(result).toEqual({
      format: "amp-saver/budget-result",
      version: 1,
      status: "fits",
      legs: [{ leg: 1, countedA: 16.6, limitA: 30 }],
      worstStart: null,
      startOrder: ["ac1", "fridge"],
      shed: [],
      issues: [
        { code: "continuous-counted", severity: "note", factor: 1.25 },
        { code: "start-not-judged", severity: "note", id: "ac1" },
      ],
    });
  });

  it("on a set: watts beside running watts, starts on top of all that runs", () => {
    const result = run(SET, [AC, load("fridge", 2), load("fan", 1)]);
    expect(result).toMatchObject({
      status: "fits",
      worstStart: { id: "ac1", totalA: 25, limitA: 33.75 },
      startOrder: ["ac1", "fridge", "fan"],
    });
    const [leg] = result.legs as { countedA: number; limitA: number }[];
    expect(leg!.countedA).toBeCloseTo((1345 + 360) / 120, 9);
    expect(leg!.limitA).toBeCloseTo(2200 / 120, 9);
  });

  it("is blocked by a start although running fits, and says what to switch off", () => {
    const result = run({ ...SET, startLimitA: 24 }, [AC, load("fridge", 2), load("kettle", 3, { priority: 5 })]);
    expect(result).toMatchObject({
      status: "start-blocked",
      startOrder: null,
      shed: ["kettle"],
      worstStart: { id: "ac1", totalA: 27, limitA: 24 },
    });
    expect((result.issues as Case[]).map((i) => i.code)).toEqual(["start-over-limit"]);
  });

  it("sheds by priority: four of one priority weigh as much as one of the next", () => {
    const shore = { ...SHORE, breakerA: 15 };
    const loads = [
      load("keep", 10, { priority: 1 }),
      load("a", 5, { priority: 4 }),
      load("b", 3, { priority: 5 }),
      load("c", 3, { priority: 5 }),
    ];
    expect(run(shore, loads)).toMatchObject({ status: "overload", shed: ["b", "c"] });
    expect(run({ ...shore, breakerA: 10 }, loads)).toMatchObject({ shed: ["a", "b", "c"] });
  });

  it("takes fewest amps, then fewest loads, then the first in the input where weights are level", () => {
    const shore = { ...SHORE, breakerA: 10 };
    expect(run(shore, [load("a", 6), load("b", 5), load("c", 4)])).toMatchObject({ shed: ["b"] });
    expect(run(shore, [load("a", 5), load("b", 5), load("c", 5)])).toMatchObject({ shed: ["a"] });
  });

  it("counts a load between two legs on each, its watts once", () => {
    const two = { ...SHORE, breakerA: 50, legs: 2 };
    expect(run(two, [load("ac", 20, { leg: "both" }), load("heater", 12, { leg: 2 })])).toMatchObject({
      legs: [
        { leg: 1, countedA: 20 },
        { leg: 2, countedA: 32 },
      ],
    });
    const set = { kind: "generator", volts: 120, runningW: 6000, surgeW: 7500, legs: 2 };
    const result = run(set, [load("ac", 20, { leg: "both" }), load("heater", 12, { leg: 2 })]);
    expect(result).toMatchObject({ status: "overload", shed: ["heater"] });
    expect((result.issues as Case[])[0]).toMatchObject({ code: "over-running-watts", leg: 2, watts: 3840, limitW: 3000 });
  });

  it("takes height and heat off a generator's watts, not off an inverter's", () => {
    const high = { altitudeFt: 5000, ambientF: 97 };
    const limit = (kind: string): number => (run({ ...SET, kind, ...high }, []).legs as { limitA: number }[])[0]!.limitA;
    expect(limit("generator")).toBeCloseTo((2200 * 0.85 * 0.98) / 120, 9);
    expect(limit("inverter")).toBeCloseTo(2200 / 120, 9);
  });

  it("has no worst start without loads", () => {
    expect(run(SET, [])).toMatchObject({ status: "fits", worstStart: null, startOrder: [], shed: [] });
  });
});

describe("a bad budget case is refused in one line that names the field and the limit", () => {
  it.each([
    [{ ...FORMAT, source: SHORE }, "loads is missing"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", -1)] }, "loads.0.runA is too small: at least 0 (0 to 400 A)"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1), load("b", 1e9)] }, "loads.1.runA is too large: at most 400 (0 to 400 A)"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1, { priority: 9 })] }, "loads.0.priority is too large: at most 5 (1 to 5)"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1, { priority: 1.5 })] }, "loads.0.priority must be a whole number (1 to 5)"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1, { amps: 3 })] }, 'unknown key "loads.0.amps"'],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1, { leg: 3 })] }, "loads.0.leg must be one of 1, 2, both"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1, { leg: 2 })] }, "loads.0.leg must be 1: the source has one leg"],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1), load("a", 2)] }, 'loads.1.id "a" stands twice'],
    [{ ...FORMAT, source: SHORE, loads: [load("a", 1, { continuous: "yes" })] }, "loads.0.continuous must be true or false"],
    [{ ...FORMAT, source: SHORE, loads: Array.from({ length: 25 }, (_, i) => load(`l${i}`, 1)) }, "loads is too large: at most 24"],
    [{ ...FORMAT, source: { ...SHORE, runningW: 2000 }, loads: [] }, 'unknown key "source.runningW"'],
    [{ ...FORMAT, source: { ...SHORE, breakerA: undefined }, loads: [] }, "source.breakerA is missing (1 to 400 A)"],
    [
      { ...FORMAT, source: { kind: "solar", volts: 120 }, loads: [] },
      "source.kind: must be shore, inverter-generator, generator or inverter",
    ],
    [{ ...FORMAT, source: { kind: "generator", volts: 120 }, loads: [] }, "source.runningW is missing"],
    [{ ...FORMAT, version: 2, source: SHORE, loads: [] }, "version 2 is not known (1 is)"],
  ])("%j", (given, line) => {
    expect(refused(given)).toContain(line);
  });
});
