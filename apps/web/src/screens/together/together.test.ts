import { askable, keepsOf, legAdvice, legsOf, rigVolts, togetherQuestion } from "@amp-saver/cases";
import { W_PER_BTU_H } from "@amp-saver/core/quantity";
import { type StartCase, studyStart } from "@amp-saver/core/study/motor-start";
import { studyTogether } from "@amp-saver/core/study/together";
import type { AirConditioner, AnyRecord, Load, RigId, Source } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { capacitorOff, coolingOfModel } from "../survey/plate.view.ts";
import { knownLoad, turnedTo, USUAL_LOADS } from "./usual-loads.ts";

const records = demoRecords();
const of = <K extends AnyRecord["kind"]>(kind: K, rig: string) =>
  records.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind && "rigId" in r && r.rigId === (rig as RigId));
const bundle = (rig: string) => ({
  rig: records.find((r) => r.kind === "rig" && r.id === rig) as Extract<AnyRecord, { kind: "rig" }>,
  units: of("unit", rig),
  jobs: of("job", rig),
  loads: of("load", rig),
  starters: records.filter((r) => r.kind === "starter"),
  unitsOff: new Set<string>(),
  unlearned: new Set<string>(),
});
const coach = bundle("demo-tin-lantern");
const house = bundle("demo-fennel-row");
const source = (id: string): Source => records.find((r) => r.kind === "source" && r.id === id) as Source;

describe("the plan of a rig on a source", () => {
  it("hangs everything on one leg where one reaches the rig, and counts what is planned to be on", () => {
    const question = togetherQuestion(coach, source("demo-gen"))!;
    expect(question.given.source).toMatchObject({ legs: 1, volts: 120 });
    expect(new Set([...question.given.units, ...question.given.loads].map((l) => l.leg))).toEqual(new Set([1]));
    expect(question.given.loads.map((l) => l.id)).toEqual(coach.loads.filter((l) => l.on).map((l) => l.id));
    expect(question.impossible).toEqual([]);
  });

  it("keeps legs apart on a 50 A hook-up of two, and advises which load to move", () => {
    const fifty = { ...source("demo-pedestal"), legs: 2, breakerA: { value: 50, from: "plate" } } as Source;
    const question = togetherQuestion(coach, fifty)!;
    expect(question.given.source.legs).toBe(2);
    expect(question.given.loads.find((l) => l.id === "demo-load-charger")?.leg).toBe(2);
    const study = studyTogether(question.given);
    expect(study.budget.status).toBe("fits");
    const advice = legAdvice(study, question);
    expect(advice === null || advice.fullerAfterA < advice.fullerBeforeA).toBe(true);
  });

  it("puts a 240 V unit between both legs of a house, and calls it impossible on one 120 V leg", () => {
    expect(legsOf(source("demo-house-grid"), 60)).toEqual({ legs: 2, perLegV: 120 });
    const question = togetherQuestion(house, source("demo-house-grid"))!;
    expect(question.given.units[0]?.leg).toBe("both");
    const onOne = togetherQuestion(house, source("demo-gen"))!;
    expect(onOne.impossible).toEqual(expect.arrayContaining(["demo-condenser", "demo-load-pump"]));
  });

  it("leaves out units planned off and loads on the battery side", () => {
    const loads = coach.loads.map((l): Load => (l.id === "demo-load-fridge" ? { ...l, onBattery: true } : l));
    const question = togetherQuestion({ ...coach, loads, unitsOff: new Set(["demo-rear"]) }, source("demo-gen"))!;
    expect(question.given.units.map((u) => u.id)).toEqual(["demo-front"]);
    expect(question.given.loads.some((l) => l.id === "demo-load-fridge")).toBe(false);
  });

  it("is not asked where more is planned on than can be looked at together", () => {
    const many = Array.from({ length: 30 }, (_, i): Load => ({ ...coach.loads[0]!, id: `load ${i}` as Load["id"] }));
    expect(askable(togetherQuestion(coach, source("demo-gen")))).not.toBeNull();
    expect(askable(togetherQuestion({ ...coach, loads: many }, source("demo-gen")))).toBeNull();
  });

  it("knows its volts by its first source", () => {
    const fed = (volts: number, hz: 50 | 60) =>
      rigVolts({ sources: [{ ...source("demo-gen"), volts: { value: volts, from: "plate" } }], units: [{ ...coach.units[0]!, hz }] });
    expect([fed(120, 60), fed(240, 60), fed(230, 50)].map((v) => v.perLegV)).toEqual([120, 120, 230]);
    expect(rigVolts({ sources: [], units: [] }).sourceV).toBe(120);
    expect(knownLoad("vacuum", 230).startA?.value).toBeCloseTo((2 * 1000) / 230, 1);
  });

  it("halves a two-legged set for a 120 V unit", () => {
    const big = { ...source("demo-gen"), runningW: { value: 6000, from: "plate" }, surgeW: { value: 7500, from: "plate" } } as Source;
    const set = { ...big, legs: 2 } as Source;
    const one = togetherQuestion(coach, big)!.given.units[0]!.given.source;
    const half = togetherQuestion(coach, set)!.given.units[0]!.given.source;
    expect(half).toMatchObject({ runningW: { value: 6000 }, legs: 2 });
    expect(one.legs).toBeUndefined();
    const carries = (given: StartCase["source"]): number => {
      const study = studyStart({ ...togetherQuestion(coach, set)!.given.units[0]!.given, source: given });
      if (!study.ok) throw new Error(study.reason);
      const { run, running } = study.value.result;
      return (run!.availableA! * running!.watts) / running!.totalA;
    };
    expect(carries(half) / carries(one)).toBeCloseTo(0.5, 6);
    expect(togetherQuestion(coach, set)!.given.source).toMatchObject({ legs: 2 });
    const whole = [set, big].map((s) => togetherQuestion(coach, s)!.given.source);
    expect("runningW" in whole[0]! && "runningW" in whole[1]! && whole[0].runningW / whole[1].runningW).toBeCloseTo(1, 9);
  });

  it("is too much where a start fails though the amps would fit", () => {
    const question = togetherQuestion({ ...coach, loads: coach.loads.slice(0, 1), unitsOff: new Set(["demo-rear"]) }, source("demo-gen"))!;
    const study = studyTogether(question.given);
    expect(study.fit).not.toBe("too-much");
    const direct = {
      ...question.given,
      units: question.given.units.map((u) => ({ ...u, unlearned: false, given: { ...u.given, method: { kind: "direct" as const } } })),
    };
    const hard = studyTogether(direct);
    expect(hard.fit).toBe("too-much");
  });
});

describe("how long it keeps running", () => {
  const keeps = (id: string, more: Partial<typeof coach> = {}) => {
    const input = { ...coach, ...more };
    const question = togetherQuestion(input, source(id))!;
    const study = studyTogether(question.given);
    return keepsOf(study, question, source(id), of("source", "demo-tin-lantern"), coach.rig, input.loads);
  };

  it("shuts a set down soon with everything on, and gives fuel for what may stay on", () => {
    const { planned, engine, bank } = keeps("demo-gen");
    expect(planned!.shutdownS).toBeLessThan(30);
    expect(engine!.shutdownS).toBeNull();
    expect(engine!.hours).toBeCloseTo(3.6 / engine!.litresPerHour, 9);
    expect(bank).toBeNull();
  });

  it("empties the bank in hours, and less fast with a unit off", () => {
    const both = keeps("demo-inverter").bank!;
    const one = keeps("demo-inverter", { unitsOff: new Set(["demo-rear"]), loads: coach.loads.slice(0, 1) }).bank!;
    expect(both.hours).toBeGreaterThan(0.5);
    expect(one.hours!).toBeGreaterThan(both.hours!);
  });

  it("leaves more to charge with on a larger hook-up, and nothing beside two units on a small one", () => {
    const alone = { unitsOff: new Set(["demo-rear"]), loads: coach.loads.slice(0, 2) };
    expect(keeps("demo-outlet").chargeA).toBe(0);
    expect(keeps("demo-pedestal", alone).chargeA!).toBeGreaterThan(keeps("demo-outlet", alone).chargeA!);
    const [leg] = studyTogether(togetherQuestion({ ...coach, ...alone }, source("demo-pedestal"))!.given).budget.legs;
    const acA = (keeps("demo-pedestal", alone).chargeA! * 26.4 * 1.1) / 0.85 / 0.65 / 120;
    expect(acA * 1.25 + leg!.countedA - 1.25 * (530 / 0.65 / 120)).toBeCloseTo(30, 6);
  });
});

describe("what helps with a plate", () => {
  it.each([
    ["invented 48 B", 48],
    ["RX-135-2", 13.5],
    ["036", 36],
    ["7 48 36", null],
    ["no digits", null],
    ["48000", null],
  ])("reads %s as %s thousand BTU/h", (model, thousand) => {
    const watts = coolingOfModel(model);
    expect(watts === null ? null : Math.round((10 * watts) / W_PER_BTU_H / 1000) / 10).toBe(thousand);
  });

  it("sets a measured run capacitor beside what is printed", () => {
    const unit = coach.units[0]!;
    const printed = { value: 45e-6, from: "plate" as const };
    const weak: AirConditioner = { ...unit, runCapacitorF: { value: 40.5e-6, from: "measured" }, runCapacitorPrintedF: printed };
    expect(capacitorOff(weak)).toBeCloseTo(-0.1, 9);
    expect(capacitorOff({ ...weak, runCapacitorF: printed })).toBeNull();
  });

  it("turns a charger down with all it takes", () => {
    const charger = coach.loads.find((l) => l.chargeA !== undefined)!;
    expect(turnedTo(charger, 11)).toEqual({ chargeA: 11, runW: { value: expect.closeTo(530 / 3, 9), from: "typical" } });
  });

  it("knows the usual loads, each marked typical", () => {
    for (const code of USUAL_LOADS) expect(knownLoad(code).runW?.from).toBe("typical");
    expect(knownLoad("well-pump")).toMatchObject({ leg: "both", automatic: true });
    expect(knownLoad("")).toEqual({});
  });
});
