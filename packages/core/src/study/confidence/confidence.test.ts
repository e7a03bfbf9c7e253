import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, setStart, stiffStart } from "../../../validation/plates.ts";
import { SeededRandom } from "../../numeric/index.ts";
import { quantity } from "../../quantity/index.ts";
import type { StartCase } from "../motor-start/index.ts";
import { type Batch, type Confidence, influences, summarise, tryBatch } from "./index.ts";

const N = 60;

function batch(given: StartCase, from = 0, to = N, seed = 1): Batch {
  const tried = tryBatch(given, seed, from, to);
  if (!tried.ok) throw new Error(tried.reason);
  return tried.value;
}
const confidence = (given: StartCase): Confidence => summarise([batch(given)]);

describe("trial runs", () => {
  const given = generatorStart(ROOFTOP, { kind: "soft" }, 1700, 2100);

  it("give the same answer for the same seed, however they are shared out", () => {
    const whole = batch(given);
    const shared = [batch(given, 0, 17), batch(given, 17, 40), batch(given, 40, N)];
    expect(shared.flatMap((b) => b.trials)).toEqual(whole.trials);
    expect(summarise(shared)).toEqual(summarise([whole]));
  });

  it("give another for another seed, and close to it", () => {
    const other = summarise([batch(given, 0, N, 2)]);
    const one = confidence(given);
    expect(other.holds).not.toBe(0);
    expect(Math.abs(other.share - one.share)).toBeLessThan(0.25);
    expect(batch(given, 0, 5, 2).trials).not.toEqual(batch(given, 0, 5).trials);
  });

  it("reject what could not start on the grid, and say how much", () => {
    const { rejectedShare, trials } = confidence(given);
    expect(trials).toBe(N);
    expect(rejectedShare).toBeGreaterThan(0.2);
    expect(rejectedShare).toBeLessThan(0.7);
  });

  it("hold on a stiff supply always: we know that it starts there", () => {
    expect(confidence(stiffStart(ROOFTOP, { kind: "direct" })).share).toBe(1);
  });

  it("hold more often on more watts", () => {
    const shares = [1600, 1900, 2200, 3000].map((w) => confidence(generatorStart(ROOFTOP, { kind: "soft" }, w, w * 1.25)).share);
    expect(shares).toEqual(shares.toSorted((a, b) => a - b));
    expect(shares[0]!).toBeLessThan(0.5);
    expect(shares[3]!).toBeGreaterThan(0.9);
  });

  it("start at least as often as they hold, inside an interval that narrows with their number", () => {
    const few = summarise([batch(given, 0, 20)]);
    const many = confidence(given);
    for (const c of [few, many]) {
      expect(c.starts).toBeGreaterThanOrEqual(c.holds);
      expect(c.interval[0]).toBeLessThanOrEqual(c.share);
      expect(c.interval[1]).toBeGreaterThanOrEqual(c.share);
    }
    expect(many.interval[1] - many.interval[0]).toBeLessThan(few.interval[1] - few.interval[0]);
    expect(summarise([])).toMatchObject({ trials: 0, share: 0 });
  });

  it("name what moves it most: how a source folds back for a start as found, the running amps where running decides", () => {
    const aided = { ...ROOFTOP, startAid: "ptc", startAidF: 150e-6 } as const;
    const first = influences(batch(generatorStart(aided, { kind: "as-found" }, 3100, 3800)).trials)[0]!;
    expect(["momentary-limit", "drop-out-seconds"]).toContain(first.code);
    const condenser = {
      ...ROOFTOP,
      plateVolts: 230,
      lockedRotorA: quantity(117, "plate"),
      ratedLoadA: quantity(23, "plate"),
      runCapacitorF: quantity(70e-6, "plate"),
    };
    const leading = influences(batch(setStart(condenser, { kind: "soft" }, 5500, 6875)).trials)
      .slice(0, 2)
      .map((i) => i.code);
    expect(leading).toContain("running-amps");
  });

  it("draw over nothing that is stated: a known limit and capacitor stay as they are", () => {
    const stated = batch(generatorStart(ROOFTOP, { kind: "soft", limitA: 22, startCapacitorF: 150e-6 }, 2200, 2700), 0, 5);
    for (const { moved } of stated.trials) {
      expect(moved["starter-limit"]).toBeUndefined();
      expect(moved["start-capacitor"]).toBeUndefined();
      expect(moved["running-amps"]).toBeDefined();
    }
  });

  it("become surer once the running amps are measured", () => {
    const measured = { ...ROOFTOP, runningA: quantity(11.3, "measured"), fanA: quantity(2.5, "measured") };
    const surer = confidence(generatorStart(measured, { kind: "soft", limitA: 22 }, 1900, 2600));
    const before = confidence(generatorStart(ROOFTOP, { kind: "soft", limitA: 22 }, 1900, 2600));
    expect(surer.share).toBeGreaterThan(before.share);
  });
});

describe("seeded numbers", () => {
  it("repeat for a seed and stream, differ between streams, and are even", () => {
    const take = (seed: number, stream: number): number[] => {
      const random = new SeededRandom(seed, stream);
      return Array.from({ length: 2000 }, () => random.next());
    };
    expect(take(1, 5)).toEqual(take(1, 5));
    expect(take(1, 5)).not.toEqual(take(1, 6));
    const bins = new Array<number>(10).fill(0);
    for (const x of take(7, 0)) bins[Math.floor(x * 10)]! += 1;
    for (const count of bins) expect(Math.abs(count - 200)).toBeLessThan(60);
  });

  it("draw a bell about nothing, never beyond two", () => {
    const random = new SeededRandom(3);
    const bells = Array.from({ length: 4000 }, () => random.bell());
    const mean = bells.reduce((a, b) => a + b, 0) / bells.length;
    expect(Math.abs(mean)).toBeLessThan(0.04);
    expect(Math.max(...bells.map(Math.abs))).toBeLessThan(2);
  });
});
