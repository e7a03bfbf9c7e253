import { conditionsOf, deratingOf, measuredSag, sourceCase, startCase, unitCase } from "@amp-saver/cases";
import { bandOf } from "@amp-saver/core/device/breaker";
import { metresFromFt } from "@amp-saver/core/quantity";
import { studyStart } from "@amp-saver/core/study/motor-start";
import type { AirConditioner, GeneratorSource, InverterSource, Job, Rig, ShoreSource, Starter, Waveform } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { calibrationInput } from "../check/calibration-input.ts";
import { checkView, pictureOfStudy } from "../check/check.view.ts";
import { explain } from "../check/explained.view.ts";
import { mapPlaces } from "../check/map.view.ts";
import { allowedAt, lastsAt, valueAt } from "../check/read-out.view.ts";
import { choicesOf, mismatch, weakestSource } from "../choose/choose.view.ts";
import { bandChange, bandPairs } from "./band.view.ts";
import { circuitIssues } from "./circuit.view.ts";
import { capacitorBand, printedCapacitor } from "./plate.view.ts";
import { pointsText, readPoints } from "./points.view.ts";

const records = demoRecords();
const find = <T>(id: string): T => records.find((r) => r.id === id) as T;
const rig = find<Rig>("demo-tin-lantern");
const front = find<AirConditioner>("demo-front");
const rear = find<AirConditioner>("demo-rear");
const job = find<Job>("demo-front-job");
const pedestal = find<ShoreSource>("demo-pedestal");
const generator = find<GeneratorSource>("demo-gen");
const inverter = find<InverterSource>("demo-inverter");
const roof = find<Starter>("demo-starter-roof");
const house = find<Starter>("demo-starter-house");
const measured = (value: number) => ({ value, from: "measured" as const });

describe("an adapter to a smaller outlet", () => {
  const printed = (value: number) => ({ value, from: "plate" as const });
  const behind = <S extends ShoreSource | GeneratorSource>(source: S, amps: number): S => ({
    ...source,
    gear: ["adapter"],
    adapterA: printed(amps),
  });

  it("is the breaker that counts where it carries less, and is none where it carries more or is not there", () => {
    const breaker = (source: ShoreSource) => (sourceCase(source, 0, 60) as { breakerA?: { value: number } }).breakerA?.value;
    expect(breaker(pedestal)).toBe(30);
    expect(breaker(behind(pedestal, 15))).toBe(15);
    expect(breaker(behind(pedestal, 50))).toBe(30);
    expect(breaker({ ...behind(pedestal, 15), gear: [] })).toBe(30);
    const { breakerA: _none, ...bare } = pedestal;
    expect(breaker(behind(bare, 20))).toBe(20);
  });

  it("carries a set no further than its amps on its legs", () => {
    const running = (source: GeneratorSource) => (sourceCase(source, 0, 60) as { runningW?: { value: number } }).runningW?.value;
    const own = generator.runningW!.value;
    expect(running(behind(generator, 5))).toBe(5 * generator.volts.value);
    expect(running({ ...behind(generator, 5), legs: 2 })).toBe(Math.min(own, 2 * 5 * generator.volts.value));
    expect(running(behind(generator, 50))).toBe(own);
  });

  it("counts for an inverter wherever its watts count", () => {
    const small = { ...inverter, gear: ["adapter" as const], adapterA: printed(5) };
    expect((sourceCase(small, 0, 60) as { runningW?: { value: number } }).runningW?.value).toBe(5 * inverter.volts.value);
    expect(weakestSource([inverter, generator])?.id).toBe(generator.id);
    expect(weakestSource([small, generator])?.id).toBe(inverter.id);
  });

  it("makes a pedestal the weakest of the sources", () => {
    expect(weakestSource([pedestal, generator])?.id).toBe(generator.id);
    expect(weakestSource([behind(pedestal, 5), generator])?.id).toBe(pedestal.id);
  });
});

describe("a capacitor by the tolerance on its label", () => {
  it("is judged by that, where nobody entered one by the usual", () => {
    const unit = { ...front, runCapacitorF: measured(38e-6), runCapacitorPrintedF: { value: 40e-6, from: "plate" as const } };
    expect(capacitorBand(unit)).toBe(0.06);
    expect(capacitorBand({ ...unit, runCapacitorPrintedF: { ...unit.runCapacitorPrintedF, tolerance: 0.03 } })).toBe(0.03);
    expect(printedCapacitor(front)?.field).toBe("runCapacitorF");
  });
});

describe("a source becomes a question", () => {
  it("a hook-up with cords keeps both; measured sag takes the place of ohm and cords, and its idle volts the place of volts", () => {
    expect(sourceCase(pedestal, 0, 60)).toMatchObject({ kind: "shore", ohm: { value: 0.1 }, cords: [{ awg: 10 }] });
    const sagging = { ...pedestal, idleV: measured(121), loadedV: measured(117.4), loadedA: measured(12) };
    expect(measuredSag(sagging)).toMatchObject({ ok: true, value: expect.closeTo(0.3, 9) });
    const asked = sourceCase(sagging, 0, 60);
    expect(asked).toMatchObject({ volts: { value: 121 }, ohm: { value: expect.closeTo(0.3, 9), origin: "measured" } });
    expect(asked.cords).toBeUndefined();
    expect(sourceCase({ ...sagging, loadedV: measured(125) }, 0, 60)).toMatchObject({ ohm: { value: 0.1 } });
  });

  it("a generator carries its losses, and a second set of the same ratings where none are typed", () => {
    expect(deratingOf(generator)).toEqual({ altitude: "common", heat: true, propane: false });
    const twin = { ...generator, type: "inverter-generator" as const, second: {}, propane: true, eco: true };
    expect(sourceCase(twin, 500, 60)).toMatchObject({
      altitudeM: 500,
      eco: true,
      derating: { propane: true },
      second: { runningW: { value: 2200 }, surgeW: { value: 2700 } },
    });
  });

  it("an inverter brings its bank, its ratings and its shore limit", () => {
    const asked = sourceCase({ ...inverter, shoreLimitA: measured(15) }, 0, 60);
    expect(asked).toMatchObject({
      kind: "inverter",
      endurance: [{ watts: 3600, seconds: 1800 }],
      battery: { volts: { value: 26.4 }, cutOffV: { value: 22 } },
      shoreLimitA: { value: 15 },
    });
  });
});

describe("what is refused before it is asked", () => {
  const conditions = conditionsOf(rig, job, []);
  it("other drives, and a start aid beside a soft starter", () => {
    expect(startCase({ ...front, drive: "two-stage" }, pedestal, "soft", conditions)).toEqual({ ok: false, missing: "two-stage" });
    const aided = { ...conditions, aidStaysIn: true };
    expect(startCase(rear, pedestal, "soft", aided)).toEqual({ ok: false, missing: "aid-with-starter" });
    expect(startCase(rear, pedestal, "as-found", aided).ok).toBe(true);
    expect(startCase(front, pedestal, "soft", aided).ok).toBe(true);
  });

  it("the starter that is in use brings its own capacitor", () => {
    const asked = startCase(front, pedestal, "soft", conditionsOf(rig, { ...job, starterId: roof.id }, [roof, house]));
    expect(asked).toMatchObject({ given: { method: { kind: "soft", startCapacitorF: 150e-6 } } });
  });
});

describe("a refined unit", () => {
  it("asks with what its readings made of it, and with its plate once that is forgotten", () => {
    const fitted = { lockedRotorA: measured(59), runningA: measured(11.2), split: { rotorShare: 0.41 }, readings: 4, at: rig.createdAt };
    expect(unitCase({ ...front, fitted })).toMatchObject({
      lockedRotorA: { value: 59 },
      runningA: { value: 11.2 },
      split: { rotorShare: 0.41 },
    });
    expect(unitCase(front)).toMatchObject({ lockedRotorA: { value: 63 } });
    expect(unitCase(front).split).toBeUndefined();
  });

  it("hands over every reading of this unit with the source it was taken on, and none of another", () => {
    const readings = records.filter((r) => r.kind === "reading");
    const input = calibrationInput(rig, front, [pedestal], readings)!;
    expect(input.readings).toHaveLength(9);
    expect(input.readings[0]).toMatchObject({
      kind: "inrush",
      conductor: "common",
      amps: 62.1,
      start: { source: { kind: "shore" }, method: { kind: "as-found" } },
    });
    expect(input.readings.find((r) => r.id === "demo-reading-6")!.start.method.kind).toBe("soft");
    expect(calibrationInput(rig, rear, [pedestal], readings)).toBeNull();
    const wound = { ...rear, mainOhm: measured(0.9), startOhm: measured(3.6) };
    expect(calibrationInput(rig, wound, [], [])).toMatchObject({ windings: { mainOhm: 0.9, startOhm: 3.6 }, readings: [] });
  });

  it("takes recorded starts as found on common or supply, cycle by cycle, and no others", () => {
    const cycles = Array.from({ length: 200 }, (_, k) => ({ t: (k + 1) / 60, rmsA: 60 }));
    const waveform = {
      id: "w",
      unitId: front.id,
      conductor: "common",
      when: "before",
      form: "instant",
      sourceId: pedestal.id,
      found: { cycles },
    };
    const take = (change: object) => calibrationInput(rig, front, [pedestal], [], [{ ...waveform, ...change } as unknown as Waveform]);
    const taken = take({})!;
    expect(taken.waveforms).toMatchObject([
      { id: "w", conductor: "common", start: { method: { kind: "as-found" }, source: { kind: "shore" } } },
    ]);
    expect(taken.waveforms![0]!.cycles).toHaveLength(120);
    for (const other of [{ when: "after" }, { conductor: "run" }, { form: "rms" }, { unitId: "another" }]) expect(take(other)).toBeNull();
  });
});

describe("choosing", () => {
  it("sets each starter beside the unit", () => {
    expect(mismatch(roof, front)).toEqual([]);
    expect(mismatch(house, front)).toEqual(["volts", "tons-under"]);
  });

  it("offers service where a start aid is there or unknown, or the run capacitor reads more than 6 % under print", () => {
    const of = (unit: AirConditioner) => choicesOf(unit, [], [], { ...prices }, 0).service;
    expect(of(front)).toEqual({ startAid: false, runCapacitorF: null });
    expect(of(rear).startAid).toBe(true);
    const weak = { ...front, runCapacitorF: measured(41e-6), runCapacitorPrintedF: { value: 45e-6, from: "plate" as const } };
    expect(of(weak).runCapacitorF).toMatchObject({ value: 45e-6 });
    expect(of({ ...weak, runCapacitorF: measured(43e-6) }).runCapacitorF).toBeNull();
  });
  const prices = { starterUsd: 1, kitUsd: 1, visitUsd: 1, cordUsd: 1, secondUsd: 1, generatorUsd: 1 };

  it("finds the demo's own circuit as its plate wants it, and names a breaker that is too large", () => {
    expect(circuitIssues(front).map((i) => i.code)).toEqual([]);
    expect(circuitIssues({ ...front, branchBreakerA: measured(40) }).map((i) => i.code)).toEqual(["breaker-over-plate"]);
  });
});

describe("pairs typed one a line", () => {
  const names = ["enduranceW", "enduranceS"] as const;

  it("come back as they were written", () => {
    const pair = fc.tuple(fc.integer({ min: 50, max: 200_000 }), fc.integer({ min: 1, max: 86_400 }));
    fc.assert(
      fc.property(fc.array(pair, { maxLength: 12 }), fc.constantFrom(" ", "; ", ", ", "\t"), (pairs, gap) => {
        const text = pairs.map(([a, b]) => `${a}${gap}${b}`).join("\n");
        expect(readPoints(text, names)).toEqual({ ok: true, points: pairs });
        expect(readPoints(pointsText(pairs), names)).toEqual({ ok: true, points: pairs });
      }),
    );
  });

  it.each([
    ["3000", 1],
    ["3000 5\nabc 4", 2],
    ["3000 5\n\n3600 -1", 2],
    ["10 5", 1],
    ["3000 5 7", 1],
    [Array.from({ length: 13 }, () => "3000 5").join("\n"), 13],
  ])("%j stops at line %i and says the limits", (text, line) => {
    expect(readPoints(text, names)).toMatchObject({ ok: false, line, limits: expect.stringContaining("50 to 200000 W") });
  });

  it("a breaker's edge typed alone is completed by the generic one; none at all goes back to it", () => {
    const change = bandChange(undefined, "earliest", [
      [1.4, 55],
      [6, 0.7],
      [10, 0.008],
    ]);
    if (!change.ok) throw new Error(change.reason);
    expect(bandPairs(change.value, "latest")).toEqual(bandOf(30).latest.map(({ x, y }) => [x, y]));
    expect(bandChange(change.value, "earliest", [])).toEqual({ ok: true, value: undefined });
    expect(
      bandChange(undefined, "earliest", [
        [2, 500],
        [5, 400],
      ]),
    ).toMatchObject({ ok: false, reason: "edges-cross" });
  });
});

describe("reading a picture", () => {
  const points = [
    { t: 0.1, a: 10 },
    { t: 0.2, a: 20 },
    { t: 0.4, a: 0 },
  ];

  it("goes by straight lines between its points and no signal outside", () => {
    const at = (t: number) =>
      valueAt(
        points,
        t,
        (p) => p.t,
        (p) => p.a,
      );
    expect(at(0.15)).toBeCloseTo(15, 9);
    expect(at(0.3)).toBeCloseTo(10, 9);
    expect(at(0.1)).toBe(10);
    expect(at(0.05)).toBeNull();
    expect(at(0.5)).toBeNull();
  });

  it("reads a breaker's band as the breaker does, and how long a start lasts above a current", () => {
    const edge = bandOf(20).earliest.map(({ x, y }) => ({ amps: 20 * x, seconds: y }));
    expect(allowedAt(edge, 60)).toBeCloseTo(4, 9);
    expect(allowedAt(edge, 20)).toBe(Number.POSITIVE_INFINITY);
    expect(allowedAt(edge, 900)).toBe(0);
    const lasts = [
      { amps: 60, seconds: 0.1 },
      { amps: 20, seconds: 0.5 },
    ];
    expect(lastsAt(lasts, 30)).toBe(0.1);
    expect(lastsAt(lasts, 20)).toBe(0.5);
    expect(lastsAt(lasts, 70)).toBeNull();
  });

  it("lays the map out in round figures and finds the question on it", () => {
    const places = mapPlaces("altitude", "us", false);
    expect(places.along.map((p) => p.shown).slice(0, 3)).toEqual([60, 65, 70]);
    expect(places.up.at(-1)).toMatchObject({ shown: 10_000, unit: "ft" });
    const [column, row] = places.nearest(35, metresFromFt(600))!;
    expect([places.along[column]!.shown, places.up[row]!.shown]).toEqual([95, 1000]);
    expect(places.nearest(60, 0)).toBeNull();
  });

  it("opens every figure to inputs that were really taken", () => {
    for (const source of [pedestal, generator, inverter]) {
      const asked = startCase(front, source, "soft", conditionsOf(rig, job, []));
      if (!asked.ok) throw new Error(asked.missing);
      const study = studyStart(asked.given);
      if (!study.ok) throw new Error(study.reason);
      const view = checkView(study.value, null, pictureOfStudy(study.value, "soft"));
      const figures = explain(view);
      expect(figures.map((f) => f.code)).toContain("run-limit");
      const taken = view.assumptions.map((a) => a.code);
      for (const { inputs } of figures) for (const code of inputs) expect(taken).toContain(code);
      const by = Object.fromEntries(figures.map((f) => [f.code, f.value]));
      expect(by["start-limit"]! - by["start-needs"]!).toBeCloseTo(by["start-spare"]!, 9);
      expect(by["run-limit"]! - by["run-needs"]!).toBeCloseTo(by["run-spare"]!, 9);
    }
  });
});

describe("the weakest source", () => {
  it("is the one that carries least for hours, a second set and a shore share counted in", () => {
    const outlet: ShoreSource = { ...pedestal, id: "outlet" as ShoreSource["id"], breakerA: { value: 15, from: "plate" } };
    const small: Extract<GeneratorSource, { type: "inverter-generator" }> = {
      ...(generator as never as Extract<GeneratorSource, { type: "inverter-generator" }>),
      id: "small" as GeneratorSource["id"],
      runningW: { value: 1100, from: "sheet" },
    };
    expect(weakestSource([generator, pedestal, outlet])?.id).toBe("outlet");
    expect(weakestSource([outlet, small])?.id).toBe("small");
    expect(weakestSource([outlet, { ...small, second: {} }])?.id).toBe("outlet");
  });

  it("leaves out what has no watts yet", () => {
    const { runningW: _r, surgeW: _s, ...bare } = generator;
    expect(weakestSource([bare as GeneratorSource])).toBeUndefined();
    expect(weakestSource([bare as GeneratorSource, pedestal])?.id).toBe(pedestal.id);
  });
});
