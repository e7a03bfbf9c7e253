import { describe, expect, it } from "vitest";
import { quantity } from "../../quantity/index.ts";
import type { StartCase, UnitCase } from "../motor-start/index.ts";
import type { BudgetLoad } from "../power-budget/index.ts";
import { BUDGET_PARAMS } from "../power-budget/index.ts";
import { studyTogether, type TogetherUnit } from "./index.ts";

const plate = (value: number) => quantity(value, "plate");
/** A 13,000 BTU/h class rooftop unit. */
const CLASS_13: UnitCase = {
  plateVolts: 115,
  hz: 60,
  lockedRotorA: plate(60),
  ratedLoadA: plate(12.5),
  fanA: plate(2),
  runCapacitorF: plate(45e-6),
  startAidF: 0,
};
/** A newer, efficient unit of that size. */
const EFFICIENT: UnitCase = { ...CLASS_13, lockedRotorA: plate(44), ratedLoadA: plate(9), fanA: plate(1.5) };

const shore = (breakerA: number): StartCase["source"] => ({ kind: "shore", volts: plate(120), ohm: plate(0.2), breakerA: plate(breakerA) });
const unit = (id: string, source: StartCase["source"], more: Partial<TogetherUnit> = {}, made = CLASS_13): TogetherUnit => ({
  id,
  given: { unit: made, source, method: { kind: "soft" }, backgroundA: 0, outdoorC: 35, seconds: 3 },
  unlearned: false,
  leg: 1,
  priority: 1,
  ...more,
});
const load = (id: string, runA: number, more: Partial<BudgetLoad> = {}): BudgetLoad => ({ id, runA, leg: 1, priority: 4, ...more });
const onShore = (breakerA: number, units: (source: StartCase["source"]) => readonly TogetherUnit[], loads: readonly BudgetLoad[] = []) =>
  studyTogether({ source: { kind: "shore", volts: 120, legs: 1, breakerA }, units: units(shore(breakerA)), loads });

describe("claims of the field, with the margin they have (common practice, no source)", () => {
  it("two 13,000-class units on one 30 A service: both start on top of each other, and running keeps the rule of 125 % of the largest motor, once", () => {
    const study = onShore(30, (s) => [unit("front", s), unit("rear", s)]);
    expect(study.starts.map((s) => s.assessment!.start.fit)).not.toContain("too-much");
    const [leg] = study.budget.legs;
    const amps = study.units.reduce((sum, u) => sum + u.runA, 0);
    expect(amps).toBeLessThan(30);
    const largest = Math.max(...study.units.map((u) => u.runA));
    expect(leg!.countedA).toBeCloseTo(amps + 0.25 * largest, 6);
    expect(study.budget).toMatchObject({ status: "fits", shed: [] });
    expect(study.budget.issues.map((i) => i.code)).toContain("motor-counted");
  });

  it("an efficient unit alone on 15 A fits with a starter; a charger beside it asks for 20 A", () => {
    const alone = onShore(15, (s) => [unit("roof", s, {}, EFFICIENT)]);
    expect(alone.budget.status).toBe("fits");
    expect(alone.starts[0]!.assessment!.fit).not.toBe("too-much");
    const charger = load("charger", 4.4, { continuous: true });
    const charging = onShore(15, (s) => [unit("roof", s, {}, EFFICIENT)], [charger]);
    expect(charging.budget).toMatchObject({ status: "overload", shed: ["charger"] });
    const wider = onShore(20, (s) => [unit("roof", s, {}, EFFICIENT)], [charger]);
    expect(wider.budget.status).toBe("fits");
    expect(wider.budget.legs[0]!.limitA - wider.budget.legs[0]!.countedA).toBeGreaterThan(0);
  });
});

describe("what may be on together", () => {
  const set = { kind: "inverter-generator", volts: 120, legs: 1, runningW: 2200, surgeW: 2700, deratedShare: 1 } as const;
  const source: StartCase["source"] = {
    kind: "inverter-generator",
    volts: plate(120),
    runningW: plate(2200),
    surgeW: plate(2700),
    altitudeM: 0,
  };

  it("finds a load that comes on by itself on at some of the starts and always on while the unit runs", () => {
    const thin = (volts: number): StartCase["source"] => ({ kind: "shore", volts: plate(volts), ohm: plate(0.4), breakerA: plate(30) });
    const tries = (amps: number, byItself: boolean, volts = 120) =>
      studyTogether({
        source: { kind: "shore", volts: 120, legs: 1, breakerA: 30 },
        units: [unit("roof", thin(volts), { given: { ...unit("roof", thin(volts)).given, method: { kind: "direct" } } })],
        loads: [{ ...load("heater", amps), byItself }],
      }).starts[0]!.assessment!.tries!;
    const [none, always, drawn] = [tries(0, false), tries(10, false), tries(10, true)];
    expect(none.starts).toBeGreaterThan(drawn.starts);
    expect(drawn.starts).toBeGreaterThan(always.starts);
    expect([tries(10, false, 111).holds, tries(10, true, 111).holds, tries(0, true, 111).holds > 0]).toEqual([0, 0, true]);
    expect(tries(10, true)).toEqual(drawn);
  });

  it("sheds for the start what may come back on when it runs", () => {
    const loads = [load("lights", 0.5, { priority: 1 }), load("coffee", 4)];
    const study = studyTogether({ source: set, units: [unit("roof", source, { unlearned: true })], loads });
    expect(study.budget).toMatchObject({ status: "start-blocked", shed: ["coffee"] });
    expect(study.runningShed).toEqual([]);
    expect(study.fillings).toEqual({
      fitting: 6,
      of: 8,
      sets: [
        ["roof", "lights"],
        ["lights", "coffee"],
      ],
    });
    expect(study.beside).toEqual([
      { id: "lights", fit: "fits" },
      { id: "coffee", fit: "too-much" },
    ]);
  });

  it("asks more of a starter that has yet to learn than of one that has, and most without one", () => {
    const start = (more: Partial<TogetherUnit>): number =>
      studyTogether({ source: set, units: [unit("roof", source, more)], loads: [] }).units[0]!.startA;
    const direct = start({ given: { ...unit("roof", source).given, method: { kind: "direct" } } });
    expect(start({})).toBeLessThan(start({ unlearned: true }));
    expect(start({ unlearned: true })).toBeLessThan(direct);
  });

  it("says how long to wait between two calls: longer on a set than on a breaker, longer for a slower start, nothing for one unit", () => {
    const post = { kind: "shore", volts: 120, legs: 1, breakerA: 30 } as const;
    const apart = (units: readonly TogetherUnit[], on: typeof set | typeof post = set) =>
      studyTogether({ source: on, units, loads: [] }).apartS;
    const two = [unit("front", source), unit("rear", source)];
    expect(apart([unit("front", source)])).toBeNull();
    const demands = studyTogether({ source: set, units: two, loads: [] }).units;
    const wait = apart(two)!;
    expect(wait % 5).toBe(0);
    expect(wait).toBeGreaterThanOrEqual(Math.max(...demands.map((d) => d.startS)) + BUDGET_PARAMS.settleS.value);
    expect(apart(two, post)!).toBeLessThan(wait);
    expect(apart(two, post)!).toBeGreaterThanOrEqual(Math.max(...demands.map((d) => d.startS)));
  });

  it("simulates each start on top of what stays on", () => {
    const spare = (amps: number): number =>
      studyTogether({ source: set, units: [unit("roof", source)], loads: [load("base", amps, { priority: 1 })] }).starts[0]!.assessment!
        .run!.spareA!;
    expect(spare(1) - spare(3)).toBeCloseTo(2, 0);
  });

  it("says on how many volts a unit then runs: fewer the more is on", () => {
    const volts = (amps: number): number =>
      onShore(30, (s) => [unit("roof", s)], [load("base", amps, { priority: 1 })]).starts[0]!.runningV!;
    expect(volts(1) - volts(8)).toBeCloseTo(7 * 0.2, 1);
  });

  it("sets two starts at one moment beside what the source gives", () => {
    const big = { ...set, runningW: 5500, surgeW: 6500 };
    const bigSource = { ...source, runningW: plate(5500), surgeW: plate(6500) } as StartCase["source"];
    const { pairs, units } = studyTogether({
      source: big,
      units: [unit("front", bigSource), unit("rear", bigSource)],
      loads: [load("base", 2)],
    });
    expect(pairs).toHaveLength(1);
    expect(pairs[0]!.totalA).toBeCloseTo(units[0]!.startA + units[1]!.startA + 2, 6);
    expect(pairs[0]!.limitA).toBeCloseTo((1.5 * 6500) / 120, 6);
    expect(onShore(30, (s) => [unit("front", s)]).pairs).toEqual([]);
  });

  it("says which unit nothing can be said of", () => {
    const { lockedRotorA: _l, ratedLoadA: _r, ...bare } = CLASS_13;
    const study = studyTogether({ source: set, units: [unit("bare", source, {}, bare)], loads: [] });
    expect(study.unknown).toEqual(["bare"]);
    expect(study.units).toEqual([]);
  });
});
