import { describe, expect, it } from "vitest";
import { check, checkFile } from "../src/check.ts";
import { refused } from "./ask.ts";

const CASE = {
  format: "amp-saver/readings-case",
  version: 1,
  unit: { volts: 115, lraA: 63, rlaA: 13.2, fanA: 2.5, runCapUf: 45, startAidUf: 0 },
  start: { method: "soft", limitA: 20 },
  source: { kind: "shore", volts: 120, ohm: 0.1, breakerA: 30, backgroundA: 0 },
};
const before = (amps: number, more: object = {}) => ({
  when: "before",
  kind: "inrush",
  conductor: "common",
  amps,
  volts: 119.8,
  loadedVolts: 119.8 - 0.1 * amps,
  restS: 300,
  outdoorF: 90,
  meter: "m1",
  tolerance: 0.02,
  ...more,
});
const after = (amps: number, more: object = {}) => before(amps, { when: "after", loadedVolts: 117.6, ...more });
const live = (when: string, amps: number, more: object = {}) =>
  before(amps, { when, kind: "live", volts: 118.4, loadedVolts: undefined, ...more });
const WHOLE = [before(58.4), before(59.1), before(57.9), after(16.4), after(16.1), after(16.6), live("before", 11.1), live("after", 11.2)];

interface Result {
  readonly proof: {
    verdict: string;
    reduction: number;
    low: number;
    high: number;
    leftOut: { index: number; code: string }[];
    running: string;
  };
  readonly calibrated: Record<"lraA" | "runA" | "inertiaKgM2", { value: number; low: number; high: number }> | null;
  readonly refused: { index: number | null; code: string }[];
  readonly next: { code: string; nowSpread: number; thenSpread: number }[];
}
function ask(readings: readonly object[], more: object = {}): Result {
  const outcome = check(JSON.stringify({ ...CASE, readings, ...more }));
  if (outcome.exit !== 0) throw new Error(outcome.line);
  expect(outcome.out).not.toMatch(/NaN|Infinity/);
  return JSON.parse(outcome.out) as Result;
}

describe("a readings case", () => {
  const refined = ask(WHOLE, { calibrate: true });

  it("proves, with a range that has the reduction in it, and refines the unit", () => {
    const { proof, calibrated, refused: left, next } = refined;
    expect(proof).toMatchObject({ verdict: "as-expected", running: "same", leftOut: [] });
    expect(proof.reduction).toBeCloseTo(1 - 16.4 / 58.4, 9);
    expect(proof.low).toBeLessThan(proof.reduction);
    expect(proof.high).toBeGreaterThan(proof.reduction);
    expect(proof.high - proof.low).toBeLessThan(0.1);
    for (const { value, low, high } of Object.values(calibrated!)) expect([low < value, value < high]).toEqual([true, true]);
    expect(calibrated!.lraA.value).toBeLessThan(60);
    expect(left.map((r) => r.code)).toEqual(["not-a-direct-start", "not-a-direct-start", "not-a-direct-start"]);
    for (const { nowSpread, thenSpread } of next) expect(thenSpread).toBeLessThan(nowSpread);
  });

  it("does not refine unless asked, and says by place what is left out and why", () => {
    const odd = [before(152.9), before(41, { conductor: "start" }), after(18, { restS: 60 }), live("before", 8, { conductor: "run" })];
    const { proof, calibrated, refused: left } = ask([...WHOLE, ...odd]);
    expect(calibrated).toBeNull();
    expect(left).toEqual([]);
    expect(proof.leftOut).toEqual([
      { index: 8, code: "above-locked" },
      { index: 9, code: "start-winding" },
      { index: 10, code: "not-rested" },
      { index: 11, code: "run-reads-low" },
    ]);
  });

  it("says what is missing for a proof, and why nothing could be refined", () => {
    expect(ask([after(16)]).proof).toMatchObject({ verdict: "no-before", reduction: null, low: null, high: null, running: null });
    expect(ask([before(58)]).proof.verdict).toBe("no-after");
    expect(ask([before(58), after(16, { kind: "max-hold" })]).proof.verdict).toBe("nothing-alike");
    expect(ask([before(42), before(62), before(43), before(61)], { calibrate: true })).toMatchObject({
      calibrated: null,
      refused: [{ index: null, code: "readings-contradict" }],
    });
    expect(ask([live("before", 11), live("after", 11.4, { outdoorF: undefined })]).proof.running).toBe("cannot-tell");
  });

  it("gives the same answer twice", () => {
    expect(ask(WHOLE, { calibrate: true })).toEqual(refined);
  });

  it("names the field and the limit of what is wrong", () => {
    expect(refused({ ...CASE, readings: [before(0.001)] })).toMatch(/readings\.0\.amps is too small: at least .*\(.* A\)/);
    expect(refused({ ...CASE, readings: [before(58, { tolerance: 2 })] })).toMatch(/readings\.0\.tolerance is too large: at most 0\.5/);
    expect(refused({ ...CASE, readings: [before(58, { conductor: "ground" })] })).toMatch(
      /readings\.0\.conductor must be one of common, run, start, supply/,
    );
    expect(refused({ ...CASE, readings: [] })).toMatch(/readings is too small/);
    expect(refused({ ...CASE, readings: [before(58)], unit: { volts: 115 } })).toMatch(/unit\.lraA is missing/);
  });
});

describe("a recorded start by the command line", () => {
  const RATE = 2400;
  const rows = Array.from({ length: 1.5 * RATE }, (_, k) => {
    const t = k / RATE;
    const size = t < 0.25 ? 0 : t < 0.75 ? 60 : 12;
    return { t, a: Math.SQRT2 * size * Math.sin(2 * Math.PI * 60 * t), v: Math.SQRT2 * 118 * Math.sin(2 * Math.PI * 60 * t) };
  });
  const csv = `time (s),current (A),voltage (V)\n${rows.map(({ t, a, v }) => `${t.toFixed(6)},${a.toFixed(3)},${v.toFixed(2)}`).join("\n")}\n`;
  const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
  const nothing = (): null => null;

  it("is read from a table", () => {
    const outcome = checkFile("start.csv", bytes(csv), nothing);
    if (outcome.exit !== 0) throw new Error(outcome.line);
    const found = JSON.parse(outcome.out) as Record<string, number & { length: number }>;
    expect(found).toMatchObject({ format: "amp-saver/wave-result", warnings: [], channels: [{ unit: "A" }, { unit: "V" }] });
    expect(Math.abs(found.inrush100msA! - 60)).toBeLessThan(0.5);
    expect(Math.abs(found.largest100msA! - 60)).toBeLessThan(0.5);
    expect(Math.abs(found.runningA! - 12)).toBeLessThan(0.2);
    expect(Math.abs(found.settleS! - 0.5)).toBeLessThan(0.03);
    expect(Math.abs(found.lowestV! - 118)).toBeLessThan(0.5);
  });

  it("is read from a configuration with its data beside it, and refused without them", () => {
    const config = `Bench,Recorder,1999\n1,1A,0D\n1,I,A,,A,0.01,0,0,-99999,99999,1,1,P\n60\n1\n${RATE},${rows.length}\n01/02/2031,10:20:30.0\n01/02/2031,10:20:30.0\nASCII\n1\n`;
    const data = rows.map(({ t, a }, k) => `${k + 1},${Math.round(1e6 * t)},${Math.round(100 * a)}`).join("\r\n");
    const asked: string[] = [];
    const outcome = checkFile("dir/start.cfg", bytes(config), (name) => {
      asked.push(name);
      return bytes(data);
    });
    expect(asked).toEqual(["dir/start.dat"]);
    expect(outcome.exit).toBe(0);
    expect(checkFile("start.cfg", bytes(config), nothing)).toEqual({
      exit: 2,
      line: "amp-saver check: the data are empty or missing (data)",
    });
  });

  it("is refused in one line", () => {
    expect(checkFile("x.csv", bytes("a,b\nc,d\n"), nothing)).toEqual({
      exit: 2,
      line: "amp-saver check: there are no rows of figures (file)",
    });
    expect(checkFile("x.csv", bytes("Amps\n1\n2\n3\n"), nothing)).toMatchObject({
      exit: 2,
      line: expect.stringContaining("no column of times"),
    });
  });
});
