import { describe, expect, it } from "vitest";
import { PLATE, refused, run } from "./ask.ts";

describe("the assessment headless", () => {
  const typed = { ...PLATE, unit: { ...PLATE.unit, rlaA: 13.2 }, trials: 120 };
  interface Assessed {
    readonly assessment: { readonly fit: string; readonly provisional: boolean; readonly stopsAboveF: number | null };
    readonly assumed: readonly { readonly code: string; readonly value: number; readonly low: number; readonly high: number }[];
    readonly tries: {
      readonly of: number;
      readonly hold: number;
      readonly start: number;
      readonly low: number;
      readonly high: number;
    } | null;
    readonly smallest: {
      readonly runningW: number;
      readonly surgeW: number;
      readonly cord: readonly { readonly awg: number; readonly mostFt: number }[];
    } | null;
  }
  const ask = (given: unknown): Assessed => run(given) as unknown as Assessed;

  const one = ask(typed);

  it("counts the tries, the same ones for the same seed, and the fit follows them", () => {
    const few = ask({ ...typed, trials: 30 });
    expect(few).toEqual(ask({ ...typed, trials: 30 }));
    expect(one.tries!.of).toBeGreaterThan(110);
    expect(one.assessment).toMatchObject({ provisional: false });
    const share = one.tries!.hold / one.tries!.of;
    expect(one.assessment.fit).toBe(share >= 0.95 ? "fits" : share < 0.5 ? "too-much" : "just-fits");
    expect(ask({ ...typed, trials: 30, seed: 2 }).tries).not.toEqual(few.tries);
    expect(ask({ ...typed, trials: 0 })).toMatchObject({ tries: null, assessment: { provisional: true, stopsAboveF: null } });
  });

  it("takes an absent figure as not known and says so, and none as none", () => {
    const { fanA: _fan, ...blank } = typed.unit;
    const codes = (given: unknown): readonly string[] => ask(given).assumed.map((a) => a.code);
    const fan = ask({ ...typed, unit: blank, trials: 0 }).assumed.find((a) => a.code === "fan-amps")!;
    expect(fan.low).toBeLessThan(fan.value);
    expect(fan.high).toBeGreaterThan(fan.value);
    const none = {
      ...typed,
      unit: { ...blank, fanA: "none", startAidUf: "none" },
      source: { ...typed.source, backgroundA: "none" },
      trials: 0,
    };
    const zero = { ...none, unit: { ...blank, fanA: 0, startAidUf: 0 }, source: { ...typed.source, backgroundA: 0 } };
    expect(ask(none)).toEqual(ask(zero));
    expect(run(zero).runA!).toBeLessThan(run({ ...typed, unit: blank, trials: 0 }).runA! - 1.5);
    const { backgroundA: _loads, ...bare } = typed.source;
    expect(codes({ ...typed, source: bare, trials: 0 })).toContain("other-loads");
  });

  it("answers from the size alone, wider than from the plate", () => {
    const size = ask({ ...typed, unit: { volts: 115, coolingBtuH: 13500 } });
    const spread = (given: Assessed, code: string): number => {
      const found = given.assumed.find((a) => a.code === code)!;
      return (found.high - found.low) / found.value;
    };
    expect(spread(size, "locked-amps")).toBeGreaterThan(2 * spread(one, "locked-amps"));
    expect(size.tries!.of).toBeGreaterThan(90);
  });

  it("finds the smallest that works, which then works", () => {
    const { smallest } = ask({ ...typed, trials: 0, smallest: true });
    const source = { ...typed.source, runningW: Math.ceil(smallest!.runningW), surgeW: Math.ceil(smallest!.surgeW) };
    expect(ask({ ...typed, source }).assessment.fit).not.toBe("too-much");
    expect(ask({ ...typed, source: { ...source, runningW: source.runningW * 1.1, surgeW: source.surgeW * 1.1 } }).assessment.fit).toBe(
      "fits",
    );
    expect(smallest!.cord.map((c) => c.mostFt)).toEqual(smallest!.cord.toSorted((a, b) => a.awg - b.awg).map((c) => c.mostFt));
  });

  it("puts a 115 V unit on one leg of two, and refuses it between both", () => {
    const set = { kind: "generator", volts: 240, runningW: 6000, surgeW: 7500, backgroundA: 0 };
    expect(refused({ ...typed, source: set })).toMatch(/source\.volts: the unit's volts and the source's do not match/);
    const half = run({ ...typed, source: { ...set, legs: 2 }, trials: 0 });
    const alone = run({ ...typed, source: { ...set, volts: 120, runningW: 3000, surgeW: 3750 }, trials: 0 });
    expect(half.peak.cycleRmsA).toBeCloseTo(alone.peak.cycleRmsA!, 6);
  });
});
