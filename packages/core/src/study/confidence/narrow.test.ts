import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP } from "../../../validation/plates.ts";
import { quantity } from "../../quantity/index.ts";
import { type Assumption, type StartCase, studyStart } from "../motor-start/index.ts";
import { MEASURABLE, narrowings, type Trial, tryBatch } from "./index.ts";

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
});
