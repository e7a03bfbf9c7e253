import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, setStart } from "../../../validation/plates.ts";
import { ohmFromSag } from "../../device/shore/index.ts";
import { metresFromFt, quantity } from "../../quantity/index.ts";
import { assess } from "../assess/index.ts";
import type { BatteryCase, ElectronicCase } from "./case.ts";
import { findingOf, type StartCase, type StartStudy, studyStart } from "./index.ts";

const plate = (value: number) => quantity(value, "plate");
const SOFT = { kind: "soft", limitA: 22 } as const;
const GENTLE = { kind: "soft", limitA: 18, startCapacitorF: 100e-6 } as const;

function study(given: StartCase): StartStudy {
  const done = studyStart(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value;
}

function inverter(battery: BatteryCase, more: Partial<ElectronicCase> = {}): StartCase {
  return {
    ...generatorStart(ROOFTOP, SOFT, 3000, 6000),
    source: { kind: "inverter", volts: plate(120), runningW: plate(3000), surgeW: plate(6000), altitudeM: 0, battery, ...more },
  };
}
const BANK: BatteryCase = { volts: plate(13.2), ohm: plate(0.005), efficiency: plate(0.9), cutOffV: plate(10.5) };

describe("a battery inverter", () => {
  it("starts and runs the unit on a stout bank and says what the bank gives", () => {
    const { result } = study(inverter(BANK, { ohm: plate(0) }));
    expect(assess(result, null).fit).toBe("fits");
    const { battery, running } = result;
    expect(battery!.runA! * battery!.runV!).toBeCloseTo(running!.watts / 0.9, 3);
    expect(battery!.runV!).toBeCloseTo(13.2 - 0.005 * battery!.runA!, 6);
    expect(battery!.startA).toBeGreaterThan(battery!.runA!);
    expect(result.limits.map((l) => l.code)).toContain("battery-volts");
  });

  it("is let down by a weak bank in running: a finding with volts and limit, and too much", () => {
    const { result } = study({ ...inverter({ ...BANK, ohm: plate(0.015) }), outdoorC: 48, method: GENTLE });
    expect(assess(result, null)).toMatchObject({ run: { fit: "too-much" }, fit: "too-much" });
    expect(findingOf(result.findings, "run-battery-low")!.figures).toMatchObject({ volts: expect.any(Number), limitV: 10.5 });
    expect(findingOf(result.findings, "run-battery-low")!.figures.volts).toBeLessThan(10.5);
  });

  it("lets go in the start where the bank stays below its cut-off for longer than the inverter puts up with", () => {
    const { result } = study(inverter({ ...BANK, ohm: plate(0.02) }));
    expect(result).toMatchObject({ status: "tripped", reason: "battery-low" });
    expect(result.findings[0]).toMatchObject({ code: "battery-low", severity: "stop" });
  });

  it("loses nothing to height", () => {
    const high = inverter(BANK, { altitudeM: 3000 });
    expect(study(high).result.run!.availableA).toBeCloseTo(study(inverter(BANK)).result.run!.availableA!, 9);
  });

  it("holds each of its ratings for as long as its sheet says", () => {
    const slow = { kind: "soft", limitA: 17, startCapacitorF: 80e-6 } as const;
    const rated = (seconds: number): StartCase => ({
      ...inverter(BANK, { runningW: plate(1500), surgeW: plate(6000), surgeS: plate(20), endurance: [{ watts: 1800, seconds }] }),
      method: slow,
    });
    expect(study(rated(1800)).result.findings.map((f) => f.code)).not.toContain("surge-time");
    const over = study({ ...inverter(BANK, { runningW: plate(1000), surgeW: plate(6000), surgeS: plate(0.1) }), method: SOFT });
    expect(findingOf(over.result.findings, "surge-time")!.figures.limitS).toBe(0.1);
    expect(assess(over.result, null).fit).toBe("too-much");
  });
});

describe("an inverter that adds to a shore limit", () => {
  const assist = (shoreA: number): StartCase => inverter(BANK, { runningW: plate(1000), surgeW: plate(1500), shoreLimitA: plate(shoreA) });

  it("carries the sum in start and running", () => {
    const { result } = study(assist(10));
    const alone = study(assist(0)).result;
    expect(result.start.availableA! - alone.start.availableA!).toBeCloseTo(10, 6);
    expect((result.run!.availableA! * result.running!.watts) / result.running!.totalA).toBeCloseTo(1000 + 1200, 6);
  });

  it("spares the bank by what shore gives, and asks nothing of it when shore is enough", () => {
    const runA = [0, 6, 30].map((a) => study(assist(a)).result.battery!.runA ?? 0);
    expect(runA[1]!).toBeLessThan(100);
    expect(runA[2]).toBe(0);
  });

  it("lets a thin outlet start what it would not start alone", () => {
    expect(assess(study(assist(0)).result, null).fit).toBe("too-much");
    expect(assess(study(assist(10)).result, null).fit).not.toBe("too-much");
  });
});

describe("two sets in parallel", () => {
  const two: StartCase = {
    ...generatorStart(ROOFTOP, { kind: "as-found" }, 1600, 2000),
    source: {
      kind: "inverter-generator",
      volts: plate(120),
      runningW: plate(1600),
      surgeW: plate(2000),
      altitudeM: 0,
      second: { runningW: plate(1600), surgeW: plate(2000) },
    },
  };

  it("carry the sum of their ratings", () => {
    const one = generatorStart(ROOFTOP, SOFT, 1600, 2000);
    const both = { ...two, method: SOFT };
    expect(study(both).result.run!.availableA!).toBeCloseTo(2 * study(one).result.run!.availableA!, 0);
    expect(study(both).result.start.availableA!).toBeCloseTo(2 * study(one).result.start.availableA!, 6);
  });

  it("start with its aid what one cannot", () => {
    const aided = { ...two, unit: { ...ROOFTOP, startAidF: 150e-6 } };
    expect(study(aided).result.status).toBe("started");
    const { second: _, ...alone } = aided.source as ElectronicCase;
    expect(study({ ...aided, source: alone }).result.status).toBe("tripped");
  });
});

describe("cords and derating on a source", () => {
  const shore = (cords: StartCase["source"]["cords"]): StartCase => ({
    ...generatorStart(ROOFTOP, { kind: "direct" }, 1, 1),
    source: { kind: "shore", volts: plate(120), breakerA: plate(30), ohm: plate(0.1), ...(cords && { cords }) },
  });

  it("a long thin cord costs volts in the start, and is listed with its source", () => {
    const without = study(shore([]));
    const long = study(shore([{ awg: 14, lengthM: metresFromFt(100) }]));
    expect(long.result.minVolts).toBeLessThan(without.result.minVolts - 10);
    expect(long.assumptions.find((a) => a.code === "cord-ohm")).toMatchObject({
      origin: "sheet",
      source: "NEC chapter 9 table 8, from memory",
    });
    expect(without.assumptions.some((a) => a.code === "cord-ohm")).toBe(false);
  });

  it("two cords in a row are one as long", () => {
    const half = { awg: 12, lengthM: 10 } as const;
    const twice = study(shore([half, half]));
    const once = study(shore([{ awg: 12, lengthM: 20 }]));
    expect(twice.result.minVolts).toBeCloseTo(once.result.minVolts, 0);
  });

  it("propane, height and heat each take their share, and say so", () => {
    const at = (derating: ElectronicCase["derating"]): StartStudy =>
      study({
        ...generatorStart(ROOFTOP, SOFT, 3000, 3600),
        source: {
          kind: "inverter-generator",
          volts: plate(120),
          runningW: plate(3000),
          surgeW: plate(3600),
          altitudeM: metresFromFt(5000),
          ...(derating && { derating }),
        },
      });
    const usual = at(undefined);
    const propane = at({ altitude: "common", heat: true, propane: true });
    expect(propane.result.run!.availableA! / usual.result.run!.availableA!).toBeCloseTo(0.9, 2);
    expect(propane.assumptions.find((a) => a.code === "fuel-loss")!.value).toBeCloseTo(0.1, 9);
    expect(usual.assumptions.find((a) => a.code === "altitude-loss")!.value).toBeCloseTo(0.15, 9);
    expect(at({ altitude: "none", heat: false, propane: false }).result.run!.availableA!).toBeGreaterThan(usual.result.run!.availableA!);
  });

  it("eco mode is worth a note where there is an engine, and changes nothing else", () => {
    const set = setStart(ROOFTOP, SOFT, 3000, 3600);
    const eco = study({ ...set, source: { ...set.source, eco: true } as StartCase["source"] });
    expect(eco.result.findings).toContainEqual(expect.objectContaining({ code: "eco-mode", severity: "note" }));
    expect({ ...eco.result, findings: [] }).toEqual({ ...study(set).result, findings: [] });
  });
});

describe("an energy manager", () => {
  const shore = (volts: number, manager: boolean): StartCase => ({
    ...generatorStart(ROOFTOP, { kind: "soft" }, 1, 1),
    source: { kind: "shore", volts: quantity(volts, "measured"), breakerA: plate(30), ohm: quantity(0.35, "measured"), manager },
  });

  it("belongs in the answer: less is to spare behind one, and below its 104 V nothing", () => {
    const [without, behind] = [shore(110, false), shore(110, true)].map((given) => study(given).result);
    expect(without!.running!.volts).toBeGreaterThan(104);
    expect(assess(without!, null).run!.fit).not.toBe("too-much");
    const lower = study(shore(109.3, true)).result;
    expect(findingOf(lower.findings, "run-manager")!.figures).toMatchObject({ limitV: 104 });
    expect(assess(lower, null)).toMatchObject({ fit: "too-much", run: { by: "manager" } });
    expect(behind!.run!.spareShare!).toBeLessThan(without!.run!.spareShare!);
  });
});

describe("watts count at the source", () => {
  it("what a cord loses is carried too: by hand, the unit's watts and I²R", () => {
    const on = (lengthM: number) => {
      const base = generatorStart(ROOFTOP, { kind: "soft" }, 3000, 3800);
      return study({
        ...base,
        source: { ...base.source, ohm: plate(0), cords: lengthM === 0 ? [] : [{ awg: 14, lengthM }] } as StartCase["source"],
      });
    };
    const bare = on(0).result.running!;
    const corded = on(30);
    const ohm = corded.assumptions.find((a) => a.code === "cord-ohm")!.value;
    const { watts, totalA } = corded.result.running!;
    expect(ohm).toBeGreaterThan(0.4);
    expect(watts - ohm * totalA * totalA).toBeGreaterThan(0.97 * bare.watts);
    expect(watts - ohm * totalA * totalA).toBeLessThan(1.03 * bare.watts);
    expect(watts).toBeGreaterThan(bare.watts + 0.8 * ohm * totalA * totalA);
  });
});

describe("measured sag", () => {
  it("gives the resistance behind the rig: 121.4 V idle, 117.8 V at 12 A are 0.3 ohm", () => {
    expect(ohmFromSag({ idleV: 121.4, loadedV: 117.8, amps: 12 })).toEqual({ ok: true, value: expect.closeTo(0.3, 9) });
  });

  it.each([
    ["rises-under-load", { idleV: 118, loadedV: 119, amps: 12 }],
    ["load-too-small", { idleV: 121, loadedV: 120, amps: 1 }],
    ["too-large", { idleV: 121, loadedV: 20, amps: 12 }],
  ] as const)("is refused when it %s", (reason, reading) => {
    expect(ohmFromSag(reading)).toMatchObject({ ok: false, reason });
  });
});
