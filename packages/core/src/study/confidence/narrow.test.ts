import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import { type Assumption, type StartCase, studyStart } from "../motor-start/index.ts";
import { MEASURABLE, narrowings, narrowsMore, type Trial, tryBatch } from "./index.ts";

const trialsOf = (given: StartCase): { readonly trials: readonly Trial[]; readonly assumed: readonly Assumption[] } => {
  const [batch, study] = [tryBatch(given, 1, 0, 300), studyStart(given)];
  if (!batch.ok || !study.ok) throw new Error("no tries");
  return { trials: batch.value.trials, assumed: study.value.assumptions };
};

describe("measure this next", () => {
  const soft = generatorStart(ROOFTOP, { kind: "soft" }, 1800, 2100);
  const { trials, assumed } = trialsOf(soft);
  const found = narrowings(trials, assumed);

  it("names what moves the tries most where running decides: the running amps, with the minutes it takes", () => {
    expect(found[0]).toMatchObject({ code: "running-amps", minutes: MEASURABLE["running-amps"].value });
    expect(found[0]!.thenSpread).toBeLessThan(found[0]!.nowSpread * 0.95);
    for (const { nowSpread, thenSpread } of found) expect(thenSpread).toBeLessThan(nowSpread);
  });

  it("names it no more once it was measured, and the spread that is left is about what was promised", () => {
    const measured = { ...soft, unit: { ...ROOFTOP, runningA: quantity(0.9 * 13.2, "measured") } };
    const then = trialsOf(measured);
    expect(narrowings(then.trials, then.assumed).map((n) => n.code)).not.toContain("running-amps");
  });

  it("takes the starter's limit for a start that its limit decides", () => {
    const tight = generatorStart(
      { ...ROOFTOP, runningA: quantity(9, "measured", 0), fanA: quantity(2, "measured", 0) },
      { kind: "soft" },
      1900,
      1900,
    );
    const { trials: tried, assumed: taken } = trialsOf(tight);
    const share = tried.filter((t) => t.holds).length / tried.length;
    expect(share).toBeGreaterThan(0.02);
    expect(share).toBeLessThan(0.98);
    expect(narrowings(tried, taken).map((n) => n.code)).toContain("starter-limit");
  });

  it("asks for no label that was read, and for no figure that was measured", () => {
    const codes = found.map((n) => n.code);
    for (const { code, origin } of assumed)
      if (origin === "measured" || (origin === "plate" && code === "run-capacitor")) expect(codes).not.toContain(code);
    const sheet = assumed.map((a) => (a.code === "running-watts" ? { ...a, origin: "sheet" as const, tolerance: 0.07 } : a));
    expect(narrowings(trials, sheet).map((n) => n.code)).not.toContain("running-watts");
  });

  it("sends one to look for a start capacitor where a start as found hangs on it", () => {
    const { startAidF: _aid, ...unlooked } = ROOFTOP;
    const open = trialsOf(generatorStart({ ...unlooked, seenToStart: false }, { kind: "as-found" }, 2600, 3900));
    expect(narrowings(open.trials, open.assumed).map((n) => n.code)).toContain("start-aid");
  });

  it("says nothing where the tries all end alike, or are too few", () => {
    expect(narrowings(trials.slice(0, 20), assumed)).toEqual([]);
    expect(
      narrowings(
        trials.map((t) => ({ ...t, holds: true })),
        assumed,
      ),
    ).toEqual([]);
  });

  it("does not take chance for a cause: outcomes shuffled among the same figures tell next to nothing", () => {
    const shuffled = trials.map((t, i) => ({ ...t, holds: trials[(i * 7 + 3) % trials.length]!.holds }));
    for (const { nowSpread, thenSpread } of narrowings(shuffled, assumed)) expect(thenSpread / nowSpread).toBeGreaterThan(0.96);
  });

  it("is the same figure by figure as of all at once", () => {
    const one = assumed.flatMap((figure) => narrowings(trials, [figure])).toSorted(narrowsMore);
    expect(found.length).toBeGreaterThan(2);
    expect(one).toEqual(found);
  });

  it("cuts a figure’s range into parts of as many tries, equal values in the order of the tries", () => {
    const value = fc.oneof(fc.integer({ min: 0, max: 9 }), fc.double({ min: 0, max: 9, noNaN: true }));
    const few = fc.array(fc.record({ holds: fc.boolean(), value }), { minLength: 60, maxLength: 150 });
    const figure = { ...assumed[0]!, code: "start-aid", origin: "typical", tolerance: 0 } as const;
    fc.assert(
      fc.property(few, (tries) => {
        const moved = tries.map(({ holds, value: at }) => ({ ...trials[0]!, holds, moved: { "start-aid": at } }));
        const [narrowing] = narrowings(moved, [figure]);
        const told = toldBySorting(tries);
        // What is nothing but rounding may fall on either side.
        fc.pre(Math.abs(told) > 1e-12);
        const share = tries.filter((t) => t.holds).length / tries.length;
        const now = share * (1 - share);
        if (now === 0 || told <= 0) expect(narrowing).toBeUndefined();
        else expect(narrowing?.thenSpread).toBeCloseTo(Math.sqrt(Math.max(0, now - told)), 9);
      }),
    );
  });
});

/** Variance between up to six parts of the tries sorted by value, less what chance puts there: worked out from the sorted tries themselves. */
function toldBySorting(tries: readonly { readonly holds: boolean; readonly value: number }[]): number {
  const n = tries.length;
  const sorted = tries.toSorted((a, b) => a.value - b.value);
  const parts = Math.min(6, new Set(tries.map((t) => t.value)).size);
  if (parts < 2) return 0;
  const share = (part: typeof sorted): number => part.filter((t) => t.holds).length / part.length;
  const whole = share(sorted);
  const cut = (k: number): number => Math.round((k * n) / parts);
  const between = Array.from({ length: parts }, (_, k) => sorted.slice(cut(k), cut(k + 1))).reduce(
    (sum, part) => sum + (part.length / n) * (share(part) - whole) ** 2,
    0,
  );
  return between - ((parts - 1) / n) * whole * (1 - whole);
}
