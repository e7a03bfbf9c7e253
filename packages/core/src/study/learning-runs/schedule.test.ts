import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { interleave, type RunPlan, type UnitRuns } from "./index.ts";

const unit = (id: string, runs: number, runS: number, restS: number, readyS = 0): UnitRuns => ({ id, runs, rule: { runS, restS }, readyS });

/** Soonest end over every order, tried one by one. */
function bruteForce(units: readonly UnitRuns[]): number {
  let best = Number.POSITIVE_INFINITY;
  const left = units.map((u) => u.runs);
  const ready = units.map((u) => u.readyS);
  const all = left.reduce((a, b) => a + b, 0);
  const walk = (done: number, freeS: number): void => {
    if (done === all) {
      best = Math.min(best, freeS);
      return;
    }
    for (let k = 0; k < units.length; k++) {
      if (left[k] === 0) continue;
      const was = ready[k]!;
      const ends = Math.max(freeS, was) + units[k]!.rule.runS;
      left[k]! -= 1;
      ready[k] = ends + units[k]!.rule.restS;
      walk(done + 1, ends);
      left[k]! += 1;
      ready[k] = was;
    }
  };
  walk(0, 0);
  return all === 0 ? 0 : best;
}

/** Every rule of a plan, looked at without asking how it was made. */
function check(plan: RunPlan, units: readonly UnitRuns[]): void {
  let free = 0;
  for (const { id, startS, endS } of plan.runs) {
    expect(startS).toBeGreaterThanOrEqual(free);
    expect(endS - startS).toBe(units.find((u) => u.id === id)!.rule.runS);
    free = endS;
  }
  for (const { id, runs, rule, readyS } of units) {
    const own = plan.runs.filter((r) => r.id === id);
    expect(own).toHaveLength(runs);
    let ready = readyS;
    for (const run of own) {
      expect(run.startS).toBeGreaterThanOrEqual(ready);
      ready = run.endS + rule.restS;
    }
  }
  expect(plan.totalS).toBe(free);
}

describe("runs of several units, one resting while another runs", () => {
  it("takes five rests, not fifteen, for three equal units", () => {
    const units = [unit("front", 5, 30, 270), unit("middle", 5, 30, 270), unit("rear", 5, 30, 270)];
    const plan = interleave(units);
    check(plan, units);
    expect(plan.totalS).toBe(60 + 4 * 300 + 30);
    expect(plan.totalS).toBe(bruteForce(units));
  });

  it("is as soon as the best of all 756,756 orders of three unlike units with five runs each", () => {
    const units = [unit("front", 5, 300, 300), unit("middle", 5, 90, 240), unit("rear", 5, 30, 300)];
    const plan = interleave(units);
    check(plan, units);
    expect(plan.totalS).toBe(bruteForce(units));
  });

  it("waits for a unit that still rests, and does the others meanwhile", () => {
    const units = [unit("warm", 1, 60, 300, 400), unit("cold", 2, 60, 300)];
    const plan = interleave(units);
    check(plan, units);
    expect(plan.runs.map((r) => r.id)).toEqual(["cold", "cold", "warm"]);
    expect(plan.totalS).toBe(480);
  });

  it("has nothing to do when nothing is left", () => {
    expect(interleave([])).toEqual({ runs: [], totalS: 0 });
    expect(interleave([unit("done", 0, 60, 300, 200)])).toEqual({ runs: [], totalS: 0 });
  });

  it("is optimal on every small case", () => {
    const small = fc.record({
      runs: fc.integer({ min: 0, max: 3 }),
      runS: fc.integer({ min: 10, max: 600 }),
      restS: fc.integer({ min: 180, max: 600 }),
      readyS: fc.integer({ min: 0, max: 500 }),
    });
    fc.assert(
      fc.property(fc.array(small, { minLength: 1, maxLength: 3 }), (drawn) => {
        const units = drawn.map((u, k) => unit(`unit ${k}`, u.runs, u.runS, u.restS, u.readyS));
        const plan = interleave(units);
        check(plan, units);
        expect(plan.totalS).toBe(bruteForce(units));
      }),
      { seed: 11, numRuns: 200 },
    );
  });
});
