import { describe, expect, it } from "vitest";
import { needsOf, reachOf, smallestOf, turnOf } from "../src/study/boundary/index.ts";
import { Members, summarise, tryBatch } from "../src/study/confidence/index.ts";
import { type StartCase, sensitivities } from "../src/study/motor-start/index.ts";
import { generatorStart, ROOFTOP, stiffStart } from "./plates.ts";

const N = 100;
const SEED = 1;
/** Members that lie within a hair of the turn may fall on either side of it. */
const HAIR = 3;
const GIVEN = { ...generatorStart(ROOFTOP, { kind: "soft" }, 1900, 2400), outdoorC: 30 };

/** In how many of a hundred tries a case holds: simulated one by one, nothing searched. */
function holds(given: StartCase): number {
  const tried = tryBatch(given, SEED, 0, N);
  if (!tried.ok) throw new Error(tried.reason);
  return summarise([tried.value]).holds;
}

describe("where the answer turns", () => {
  const turn = turnOf(reachOf(GIVEN, new Members(GIVEN.unit, SEED), SEED, 0, N));

  it("is at half of the tries, in hotter air and on a higher road", () => {
    const hotter = (by: number) => holds({ ...GIVEN, outdoorC: turn.outdoorC! + by });
    expect(hotter(-1.5)).toBeGreaterThanOrEqual(N / 2);
    expect(hotter(1.5)).toBeLessThan(N / 2);
    expect(Math.abs(hotter(0) - N / 2)).toBeLessThanOrEqual(HAIR);
    const higher = (by: number) => holds({ ...GIVEN, source: { ...GIVEN.source, altitudeM: turn.altitudeM! + by } as typeof GIVEN.source });
    expect(higher(-80)).toBeGreaterThanOrEqual(N / 2);
    expect(higher(80)).toBeLessThan(N / 2);
  });

  it("is nowhere on a stiff circuit without a breaker", () => {
    const stiff = stiffStart(ROOFTOP, { kind: "soft" });
    expect(turnOf(reachOf(stiff, new Members(stiff.unit, SEED), SEED, 0, 20))).toEqual({ outdoorC: null, altitudeM: null });
  });
});

describe("the smallest that works", () => {
  it.each(["soft", "direct"] as const)("%s: a generator of such watts works in 95 of 100 tries, one a tenth smaller in fewer", (kind) => {
    const given = generatorStart(ROOFTOP, { kind }, 2000, 2500);
    const least = smallestOf(given, needsOf(given, new Members(given.unit, SEED), SEED, 0, N));
    const on = (share: number) => holds(generatorStart(ROOFTOP, { kind }, share * least.runningW!, share * least.surgeW!));
    expect(on(1.005)).toBeGreaterThanOrEqual(95);
    expect(on(0.9)).toBeLessThan(95);
    if (kind === "direct") expect(least.surgeW!).toBeGreaterThan(2 * least.runningW!);
  });

  it("on shore: so many volts and such a cord still do, a tenth worse does not", () => {
    const shore = (volts: number, ohm: number): StartCase => ({
      ...stiffStart(ROOFTOP, { kind: "direct" }),
      source: {
        kind: "shore",
        volts: { value: volts, origin: "measured", tolerance: 0 },
        ohm: { value: ohm, origin: "measured", tolerance: 0 },
        breakerA: { value: 30, origin: "plate", tolerance: 0 },
      },
    });
    const given = shore(120, 0.2);
    const least = smallestOf(given, needsOf(given, new Members(given.unit, SEED), SEED, 0, N));
    expect(holds(shore(least.leastVolts! * 1.01, 0.2))).toBeGreaterThanOrEqual(95);
    expect(holds(shore(least.leastVolts! * 0.95, 0.2))).toBeLessThan(95);
    const cord = (lengthM: number): StartCase => ({ ...given, source: { ...given.source, cords: [{ awg: 12, lengthM }] } });
    const { mostM } = least.cord.find((c) => c.awg === 12)!;
    expect(holds(cord(0.97 * mostM))).toBeGreaterThanOrEqual(95);
    expect(holds(cord(1.15 * mostM))).toBeLessThan(95);
    const byGauge = least.cord.toSorted((a, b) => a.awg - b.awg).map((c) => c.mostM);
    expect(byGauge).toEqual(byGauge.toSorted((a, b) => b - a));
  });

  it("is worth more with a starter than without, for every way it is counted", () => {
    const of = (kind: "soft" | "direct") => {
      const given = generatorStart(ROOFTOP, { kind }, 2600, 3200);
      return smallestOf(given, needsOf(given, new Members(given.unit, SEED), SEED, 0, 40));
    };
    const [soft, direct] = [of("soft"), of("direct")];
    expect(soft.surgeW!).toBeLessThan(0.7 * direct.surgeW!);
    expect(soft.highestM!).toBeGreaterThan(direct.highestM ?? 0);
    expect(soft.runningW!).toBeLessThanOrEqual(direct.runningW! * 1.02);
  });
});

describe("what to measure next", () => {
  it("is the running amps where running decides, and narrows once measured", () => {
    const [first] = sensitivities(GIVEN);
    expect(first).toMatchObject({ code: "running-amps" });
    expect(first!.measuredA).toBeLessThan(first!.nowA / 2);
  });

  it("is nothing once everything is measured", () => {
    const measured = (value: number) => ({ value, origin: "measured" as const, tolerance: 0.03 });
    const unit = { ...ROOFTOP, runningA: measured(11.7), lockedRotorA: measured(62), runCapacitorF: measured(44e-6), fanA: measured(2.4) };
    expect(sensitivities({ ...GIVEN, unit })).toEqual([]);
  });
});
