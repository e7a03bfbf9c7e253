import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { quantity } from "../src/quantity/index.ts";
import { type StartCase, type StartResult, studyStart } from "../src/study/motor-start/index.ts";
import { generatorStart, ROOFTOP, stiffStart } from "./plates.ts";

function study(given: StartCase): StartResult {
  const done = studyStart(given);
  if (!done.ok) throw new Error(done.reason);
  return done.value.result;
}

const method = fc.constantFrom<StartCase["method"]>({ kind: "direct" }, { kind: "hard" }, { kind: "soft" });

describe("what must always hold", () => {
  it("more watts never turn a start into a stall, away from the threshold", () => {
    fc.assert(
      fc.property(method, fc.integer({ min: 1000, max: 6000 }), fc.double({ min: 1.1, max: 2, noNaN: true }), (way, surgeW, more) => {
        const small = study(generatorStart(ROOFTOP, way, surgeW * 0.8, surgeW));
        if (small.status !== "started" || study(generatorStart(ROOFTOP, way, surgeW * 0.784, surgeW * 0.98)).status !== "started") return;
        expect(study(generatorStart(ROOFTOP, way, surgeW * 0.8 * more, surgeW * more)).status).toBe("started");
      }),
      { numRuns: 40, seed: 11 },
    );
  });

  it("a longer cord never raises the volts at the unit", () => {
    fc.assert(
      fc.property(
        method,
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        fc.double({ min: 0.01, max: 0.5, noNaN: true }),
        (way, ohm, more) => {
          const at = (r: number): StartResult => {
            const base = stiffStart(ROOFTOP, way);
            return study({ ...base, source: { kind: "shore", volts: quantity(120, "plate"), ohm: quantity(r, "measured") } });
          };
          const short = at(ohm);
          const long = at(ohm + more);
          expect(long.minVolts).toBeLessThanOrEqual(short.minVolts + 0.01);
          if (short.running !== null && long.running !== null) expect(long.running.volts).toBeLessThan(short.running.volts);
        },
      ),
      { numRuns: 30, seed: 12 },
    );
  });

  it("hotter and higher never leave more room to run", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 50, noNaN: true }),
        fc.double({ min: 0.5, max: 15, noNaN: true }),
        fc.double({ min: 0, max: 2500, noNaN: true }),
        (outdoorC, hotter, altitudeM) => {
          const base = generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700);
          const room = (c: number, m: number): number =>
            study({ ...base, outdoorC: c, source: { ...base.source, altitudeM: m } as StartCase["source"] }).run!.spareShare!;
          const here = room(outdoorC, altitudeM);
          expect(room(outdoorC + hotter, altitudeM)).toBeLessThan(here);
          expect(room(outdoorC, altitudeM + 300)).toBeLessThan(here);
        },
      ),
      { numRuns: 15, seed: 13 },
    );
  });

  it("gives the same answer to the same question", () => {
    const given = generatorStart(ROOFTOP, { kind: "soft" }, 1700, 2100);
    expect(studyStart(given)).toEqual(studyStart(given));
  });

  it("on 50 Hz and 230 V starts and keeps its row length", () => {
    const unit = {
      ...ROOFTOP,
      plateVolts: 230,
      hz: 50,
      lockedRotorA: quantity(60, "plate"),
      ratedLoadA: quantity(12, "plate"),
      runCapacitorF: quantity(45e-6, "plate"),
    };
    const result = study({ ...stiffStart(unit, { kind: "soft" }), source: { kind: "ideal", volts: quantity(230, "plate") }, seconds: 2 });
    expect(result.status).toBe("started");
    expect(result.cycles.length).toBe(100);
    expect(result.cycles[0]!.t).toBeCloseTo(0.02, 12);
  });
});
