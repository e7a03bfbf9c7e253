import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bench, given, house, play, ptc, starterIn } from "../../../validation/practice-benches.ts";
import { buildAsFound } from "../as-found/index.ts";
import { actOn, CLAMP_MODES, COVERS, MEASURE_RANGES, type PracticeAct, type PracticeCase } from "./index.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** Any act on a unit’s own names, and on some that are not there. */
function anyAct(of: PracticeCase): fc.Arbitrary<PracticeAct> {
  const terminals = [...of.netlist.conductors.flatMap((c) => c.ends.filter((e) => e !== null)), "proving.L", "proving.N", "no.X"];
  const at = fc.constantFrom(...terminals);
  const conductor = fc.constantFrom(...of.netlist.conductors.map((c) => c.id), "all", "none");
  const source = fc.constantFrom(...of.sources.map((s) => s.id), "inverter", "generator");
  const cover = fc.constantFrom(...COVERS);
  const seconds = fc.constantFrom(0, 1, 5, 60, 600, 90_000, Number.NaN);
  return fc.oneof(
    fc.record({ act: fc.constant("switch" as const), source, on: fc.boolean() }),
    fc.record({ act: fc.constantFrom("lock" as const, "unlock" as const), source }),
    fc.record({ act: fc.constantFrom("open" as const, "close" as const), cover }),
    fc.record({ act: fc.constant("measure" as const), range: fc.constantFrom(...MEASURE_RANGES), from: at, to: at }),
    fc.record({
      act: fc.constantFrom("bleed" as const),
      part: fc.constantFrom("can", "startcap", "x"),
      from: fc.constantFrom("C", "1"),
      to: fc.constantFrom("HERM", "FAN", "2"),
      seconds,
    }),
    fc.record({ act: fc.constant("lift" as const), conductor, at }),
    fc.record({ act: fc.constant("land" as const), conductor, at }),
    fc.record({ act: fc.constant("tug" as const), conductor, at }),
    fc.record({ act: fc.constant("clamp" as const), conductor, mode: fc.constantFrom(...CLAMP_MODES) }),
    fc.record({ act: fc.constant("call" as const), on: fc.boolean() }),
    fc.constant({ act: "read" as const }),
    fc.record({ act: fc.constant("wait" as const), seconds }),
    fc.record({ act: fc.constant("fit" as const), family: fc.constantFrom("F4" as const, "F5" as const, "FM" as const) }),
  );
}

describe("a thousand courses of any acts", () => {
  const cases = [
    given([{ code: "capacitor-rebounds" }, { code: "auto-start" }]),
    given([], { netlist: buildAsFound(ptc.switches) }),
    given([{ code: "one-pole-unbroken" }], house),
    given([], { netlist: starterIn("rooftop-boot") }),
  ];
  it.each(cases.map((of, i) => [i, of] as const))(
    "on case %i never crash, never show what cannot be, and come out the same again",
    (_i, of) => {
      const begun = bench(of);
      const most = { V: 4 * Math.max(...of.sources.map((s) => s.volts), 120), ohm: P.mostOhm.value, F: 1e-3, A: 400 };
      const property = fc.property(fc.array(anyAct(of), { minLength: 1, maxLength: 12 }), (acts) => {
        let now = begun;
        for (const act of acts) {
          const done = actOn(now, act);
          now = done.bench;
          if (!("shown" in done.step) || done.step.shown === null) continue;
          const { shown: value, unit } = done.step;
          expect(
            Number.isFinite(value) && Math.abs(value) <= most[unit] && (unit === "V" || value >= 0),
            `${JSON.stringify(act)} ${value}`,
          ).toBe(true);
          expect(actOn({ ...now, stopped: null }, { act: "wait", seconds: 0 }).step).toEqual({ did: true });
        }
      });
      fc.assert(property, { seed: 11, numRuns: 250 });
    },
  );

  it("show the same for the same seed and acts", () => {
    const acts = fc.sample(anyAct(cases[1]!), { seed: 3, numRuns: 40 });
    expect(play(cases[1]!, acts).steps).toEqual(play(cases[1]!, acts).steps);
  });
});
