import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type BudgetCase, type BudgetLoad, balanceLegs, everyCombination, feederAmps, largestSets, studyBudget } from "./index.ts";

const load = (id: string, runA: number, more: Partial<BudgetLoad> = {}): BudgetLoad => ({ id, runA, leg: 1, priority: 3, ...more });
const shore = (breakerA: number, legs: 1 | 2 = 1): BudgetCase["source"] => ({ kind: "shore", volts: 120, legs, breakerA });
const set = (runningW: number, surgeW: number, legs: 1 | 2 = 1): BudgetCase["source"] => ({
  kind: "generator",
  volts: 120,
  legs,
  runningW,
  surgeW,
  deratedShare: 1,
});

describe("feeder and motor counting, by hand (rules from memory)", () => {
  it("NEC 215.3: 10 A continuous and 6 A that is not ask 18.5 A", () => {
    expect(
      feederAmps([
        { runA: 10, kind: "other", continuous: true },
        { runA: 6, kind: "other", continuous: false },
      ]),
    ).toEqual({ amps: 18.5, rules: ["NEC 215.3"] });
  });

  it("NEC 440.33: two hermetic units of 13.2 and 10 A ask 1.25 × 13.2 + 10 = 26.5 A", () => {
    const count = feederAmps([
      { runA: 13.2, kind: "hermetic", continuous: true },
      { runA: 10, kind: "hermetic", continuous: true },
    ]);
    expect(count.amps).toBeCloseTo(26.5, 9);
    expect(count.rules).toEqual(["NEC 440.33"]);
  });

  it("NEC 430.24 with others: motors of 8 and 5 A, 12 A continuous and 4 A ask 10 + 5 + 15 + 4 = 34 A", () => {
    const count = feederAmps([
      { runA: 5, kind: "motor", continuous: false },
      { runA: 8, kind: "motor", continuous: false },
      { runA: 12, kind: "other", continuous: true },
      { runA: 4, kind: "other", continuous: false },
    ]);
    expect(count.amps).toBeCloseTo(34, 9);
    expect(count.rules).toEqual(["NEC 215.3", "NEC 430.24"]);
  });
});

describe("pedestals and adapters", () => {
  const rig = [
    load("front", 13, { continuous: true }),
    load("rear", 12, { continuous: true, leg: 2 }),
    load("charger", 8, { leg: 2, priority: 5 }),
    load("kettle", 12, { leg: 1, priority: 4 }),
  ];

  it("50 A feeds two legs of 50 A each: everything fits", () => {
    const study = studyBudget({ source: shore(50, 2), loads: rig });
    expect(study.status).toBe("fits");
    expect(study.legs.map((l) => l.countedA)).toEqual([13 * 1.25 + 12, 12 * 1.25 + 8]);
  });

  it("through an adapter both legs hang on one hot of 30 A: both units alone are over it, counted as continuous", () => {
    const onOne = rig.map((l) => ({ ...l, leg: 1 as const }));
    const study = studyBudget({ source: shore(30), loads: onOne });
    expect(study).toMatchObject({ status: "overload", legs: [{ leg: 1, countedA: 13 * 1.25 + 12 * 1.25 + 20, limitA: 30 }] });
    expect(study.shed).toEqual(["rear", "charger"]);
    expect(studyBudget({ source: shore(30), loads: onOne.slice(0, 2) }).status).toBe("overload");
  });

  it("on 15 A nothing but one load at a time is left beside a unit's 1.25 × 12 A", () => {
    const study = studyBudget({ source: shore(15), loads: [load("rear", 12, { continuous: true, priority: 1 }), load("charger", 8)] });
    expect(study).toMatchObject({ status: "overload", shed: ["charger"] });
  });
});

describe("every combination", () => {
  it("keeps what fits closed downwards: switching off never makes a set not fit", () => {
    const given: BudgetCase = {
      source: set(3000, 3600, 2),
      loads: [
        load("ac", 11, { startA: 20 }),
        load("ac2", 10, { startA: 18, leg: 2 }),
        load("heater", 9),
        load("pump", 4, { leg: 2, startA: 12 }),
        load("dryer", 3, { leg: "both" }),
      ],
    };
    const table = everyCombination(given);
    for (let mask = 0; mask < table.length; mask++)
      for (let i = 0; i < 5; i++) if (table[mask] === 1 && (mask & (1 << i)) !== 0) expect(table[mask & ~(1 << i)]).toBe(1);
    for (const mask of largestSets(given)) for (let i = 0; i < 5; i++) if ((mask & (1 << i)) === 0) expect(table[mask | (1 << i)]).toBe(0);
    expect(largestSets(given).length).toBeGreaterThan(1);
  });

  it("of more sources' watts never fits less", () => {
    const loads = [load("a", 9, { startA: 30 }), load("b", 8), load("c", 4, { startA: 9, cycles: false }), load("d", 2)];
    fc.assert(
      fc.property(fc.integer({ min: 500, max: 4000 }), fc.integer({ min: 0, max: 2000 }), (watts, more) => {
        const small = everyCombination({ source: set(watts, watts * 1.3), loads });
        const large = everyCombination({ source: set(watts + more, (watts + more) * 1.3), loads });
        expect(small.every((fits, mask) => fits === 0 || large[mask] === 1)).toBe(true);
      }),
    );
  });
});

describe("legs", () => {
  it("are evened out with the fewest moves among what can be moved", () => {
    const given: BudgetCase = {
      source: shore(30, 2),
      loads: [load("front", 12), load("rear", 11), load("heater", 10), load("fridge", 2, { leg: 2 })],
    };
    const advice = balanceLegs(given, new Set(["front", "rear", "heater", "fridge"]));
    expect(advice).toMatchObject({ fullerBeforeA: 33, fullerAfterA: 21 });
    expect(advice!.move).toEqual([{ id: "front", to: 2 }]);
    const three: BudgetCase = { source: shore(30, 2), loads: [load("a", 10), load("b", 8), load("c", 6), load("d", 4)] };
    expect(balanceLegs(three, new Set(["a", "b", "c", "d"]))).toMatchObject({ move: [{ to: 2 }, { to: 2 }], fullerAfterA: 14 });
    expect(balanceLegs(given, new Set(["heater"]))).toMatchObject({ move: [{ id: "heater", to: 2 }], fullerAfterA: 23 });
    expect(balanceLegs(given, new Set())).toBeNull();
  });

  it("cannot be evened by a load between both", () => {
    const given: BudgetCase = { source: shore(30, 2), loads: [load("ac", 12, { leg: "both" }), load("heater", 10)] };
    expect(balanceLegs(given, new Set(["ac"]))).toBeNull();
  });
});

it("a load that does not cycle may start early where it would no longer fit on top", () => {
  const source = { ...set(5000, 6000), startLimitA: 30 } as BudgetCase["source"];
  const pump = load("pump", 5, { startA: 28, cycles: false });
  expect(studyBudget({ source, loads: [load("heater", 10), pump] })).toMatchObject({ status: "fits", startOrder: ["pump", "heater"] });
  expect(studyBudget({ source, loads: [load("heater", 10), { ...pump, cycles: true }] })).toMatchObject({
    status: "start-blocked",
    worstStart: { id: "pump", totalA: 38, limitA: 30 },
  });
});
