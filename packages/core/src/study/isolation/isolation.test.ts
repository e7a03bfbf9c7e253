import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { buildAsFound, PLAIN_CONDENSER, PLAIN_ROOFTOP } from "../as-found/index.ts";
import {
  bleed,
  capacitorsOf,
  DEAD_PAIRS,
  type DeadEvidence,
  fingerprint,
  judgePair,
  lockOf,
  openTasks,
  ISOLATION_PARAMS as P,
  runHolds,
  taskName,
} from "./index.ts";

const FIGURES = { runF: 45e-6, startF: 350e-6, printed: {} };

describe("bleeding a capacitor", () => {
  it("takes as long as the same resistor takes step by step", () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 5e-4, noNaN: true }), fc.double({ min: 20, max: 500, noNaN: true }), (farad, printedV) => {
        const { seconds, fromV } = bleed({ farad, printedV });
        let volts = fromV;
        const steps = 20_000;
        for (let k = 0; k < steps; k++) {
          const mid = volts - (volts / (P.bleederOhm.value * farad)) * (seconds / steps / 2);
          volts -= (mid / (P.bleederOhm.value * farad)) * (seconds / steps);
        }
        expect(volts).toBeCloseTo(10, 2);
      }),
      { seed: 5, numRuns: 40 },
    );
  });

  /** By hand: 45 µF at √2 × 370 V through 20,000 ohm: 0.9 s × ln 52.33 = 3.56 s, 13.7 W at first, above 2 × 5 W until 447 V. */
  it("a run capacitor, worked by hand", () => {
    const run = bleed({ farad: 45e-6, printedV: 370 });
    expect(run.seconds).toBeCloseTo(3.561, 2);
    expect(run.peakW).toBeCloseTo(13.69, 2);
    expect(run.overRatingS).toBeCloseTo(0.9 * Math.log(523.259 / 447.214), 3);
    expect(bleed({ farad: 350e-6, printedV: 250 }).overRatingS).toBe(0);
    expect(bleed({ farad: 1e-6, printedV: 7 }).seconds).toBe(0);
  });

  it("finds every capacitor of the circuit: both sections of a dual one, the aid’s, the fan’s own", () => {
    const ids = (netlist: ReturnType<typeof buildAsFound>): string[] => capacitorsOf(netlist, FIGURES).map((c) => c.id);
    expect(ids(buildAsFound({ ...PLAIN_ROOFTOP, aid: "start-capacitor-ptc" }))).toEqual(["can", "can FAN", "startcap"]);
    expect(ids(buildAsFound({ ...PLAIN_CONDENSER, fan: "separate", aid: "hard-start" }))).toEqual(["can", "fancap", "kit"]);
    expect(ids(buildAsFound({ ...PLAIN_ROOFTOP, fan: "none" }))).toEqual(["can"]);
  });
});

describe("what is printed on a capacitor", () => {
  const dual = buildAsFound({ ...PLAIN_ROOFTOP, aid: "start-capacitor" });
  const of = (printed: Parameters<typeof capacitorsOf>[1]["printed"]) =>
    Object.fromEntries(capacitorsOf(dual, { ...FIGURES, printed }).map((c) => [c.id, c]));

  it("is taken for the highest usual volts while nobody read it, and said so", () => {
    expect(of({}).can).toMatchObject({ printedV: 440, farad: 45e-6, voltsRead: false });
    expect(of({}).startcap).toMatchObject({ printedV: 330, farad: 350e-6, voltsRead: false });
  });

  it("sets the time, of both sections of a dual one, and of the fan’s own microfarads", () => {
    const read = of({ can: { volts: 370, farad: null }, "can FAN": { volts: null, farad: 10e-6 } });
    expect(read.can).toMatchObject({ printedV: 370, voltsRead: true });
    expect(read["can FAN"]).toMatchObject({ printedV: 370, farad: 10e-6, voltsRead: true });
    expect(bleed(read.can!).seconds).toBeLessThan(bleed(of({}).can!).seconds);
    // By hand: 10 µF at √2 × 370 V through 20,000 ohm: 0.2 s × ln 52.33 = 0.791 s.
    expect(bleed(read["can FAN"]!).seconds).toBeCloseTo(0.791, 3);
  });

  it("is bled at the far ends of its wires where its tabs are out of reach", () => {
    const sealed = capacitorsOf(buildAsFound({ ...PLAIN_ROOFTOP, sealed: true }), FIGURES);
    expect(sealed.map((c) => c.sealed)).toEqual([true, true]);
    expect(of({}).can!.sealed).toBe(false);
  });
});

describe("one reading", () => {
  it.each([
    ["L-N", 0.4, true, 120, "dead"],
    ["L-N", 2.99, true, 120, "dead"],
    ["L-N", 3, true, 120, "not-dead"],
    ["L-N", 1.2, false, 120, "stray"],
    ["L-G", 58, true, 120, "floating"],
    ["L-G", 118, true, 120, "not-dead"],
    ["N-G", 119, true, 120, "reversed"],
    ["L1-G", 121, true, 240, "floating"],
    ["L1-L2", 120, true, 240, "not-dead"],
    ["L1-L2", 240, false, 240, "not-dead"],
    ["L-N", -120, true, 120, "not-dead"],
    ["L-N", -3, true, 120, "not-dead"],
    ["L-N", -2.9, true, 120, "dead"],
    ["L-N", -1.2, false, 120, "stray"],
    ["L-G", -58, true, 120, "floating"],
    ["N-G", -119, true, 120, "reversed"],
    ["L1-L2", -240, true, 240, "not-dead"],
  ] as const)("%s %f V, low impedance %s, on %i V is %s", (pair, volts, lowImpedance, system, verdict) => {
    expect(judgePair(pair, { volts, lowImpedance }, system)).toBe(verdict);
  });

  it("is never dead on high impedance, nor at the limit and above", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DEAD_PAIRS[120]),
        fc.double({ min: -300, max: 300, noNaN: true }),
        fc.boolean(),
        (pair, volts, low) => {
          expect(judgePair(pair, { volts, lowImpedance: low }, 120) === "dead").toBe(low && volts < 3 && volts > -3);
        },
      ),
    );
  });

  it("says the same of a reading and its negative, and never dead of what is no number", () => {
    const systems = fc.constantFrom(120 as const, 240 as const);
    fc.assert(
      fc.property(
        systems,
        fc.integer({ min: 0, max: 2 }),
        fc.double({ min: 0, max: 1000, noNaN: true }),
        fc.boolean(),
        (system, at, volts, low) => {
          const judged = (shown: number) => judgePair(DEAD_PAIRS[system][at]!, { volts: shown, lowImpedance: low }, system);
          expect(judged(-volts)).toBe(judged(volts));
        },
      ),
    );
    for (const volts of [Number.NaN, Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY])
      expect(judgePair("L-N", { volts, lowImpedance: true }, 120)).not.toBe("dead");
  });
});

const DONE: DeadEvidence = {
  system: 120,
  sources: [{ id: "shore", off: true, locked: true, away: false }],
  meterBefore: 121,
  meterAfter: 120,
  pairs: { "L-N": { volts: 0.1, lowImpedance: true }, "L-G": { volts: 0, lowImpedance: true }, "N-G": { volts: 0, lowImpedance: true } },
  capacitors: [{ id: "can", first: 4, second: 2 }],
  overrides: {},
};

describe("work on the circuit", () => {
  it("is open with everything done and proved here, and with nothing less", () => {
    const proof = { run: "r", evidence: fingerprint(DONE), at: 1000 };
    expect(lockOf(DONE, proof, 1000)).toBeNull();
    expect(lockOf(DONE, null, 1000)).toBe("not-proved-here");
    expect(lockOf(DONE, { ...proof, evidence: null }, 1000)).toBe("not-proved-here");
    expect(lockOf({ ...DONE, meterAfter: 119 }, proof, 1000)).toBe("evidence-changed");
    expect(lockOf(DONE, proof, 1000 + 61 * 60_000)).toBe("long-break");
    expect(lockOf(DONE, { ...proof, at: 1000 + 120_000 }, 1000)).toBe("long-break");
    expect(lockOf({ ...DONE, sources: [{ id: "shore", off: true, locked: false, away: false }] }, proof, 1000)).toBe("tasks-open");
  });

  it("does not ask a source that is not here today to be off or locked, and is bound to that answer", () => {
    const away: DeadEvidence = { ...DONE, sources: [{ id: "shore", off: false, locked: false, away: true }] };
    expect(openTasks(away)).toEqual([]);
    expect(fingerprint(away)).not.toBe(fingerprint(DONE));
    expect(openTasks({ ...DONE, sources: [{ id: "shore", off: false, locked: false, away: false }] }).map(taskName)).toEqual([
      "source-off shore",
      "source-locked shore",
    ]);
  });

  it("counts only what was measured in the run begun here, and not after a long break", () => {
    const proof = { run: "r", evidence: null, at: 1000 };
    expect(runHolds("r", proof, 1000 + 59 * 60_000)).toBe(true);
    expect(runHolds("r", proof, 1000 + 61 * 60_000)).toBe(false);
    expect(runHolds("earlier", proof, 1000)).toBe(false);
    expect(runHolds(undefined, proof, 1000)).toBe(false);
    expect(runHolds("r", null, 1000)).toBe(false);
  });

  it.each<[string, Partial<DeadEvidence>, string]>([
    ["a source that is on", { sources: [{ id: "gen", off: false, locked: true, away: false }] }, "source-off gen"],
    ["a source nobody locked", { sources: [{ id: "gen", off: true, locked: false, away: false }] }, "source-locked gen"],
    ["a meter proved on a small battery", { meterBefore: 12 }, "meter-before"],
    ["a meter not proved again", { meterAfter: null }, "meter-after"],
    ["a pair on high impedance", { pairs: { ...DONE.pairs, "N-G": { volts: 0, lowImpedance: false } } }, "pair N-G"],
    ["a capacitor read once", { capacitors: [{ id: "can", first: 4, second: null }] }, "second-discharge can"],
    ["a capacitor that came back", { capacitors: [{ id: "can", first: 4, second: -14 }] }, "second-discharge can"],
    ["a capacitor charged the other way round", { capacitors: [{ id: "can", first: -340, second: 2 }] }, "first-discharge can"],
    ["a pair that reads 120 V backwards", { pairs: { ...DONE.pairs, "L-N": { volts: -120, lowImpedance: true } } }, "pair L-N"],
    ["a pair that nobody read", { pairs: { "L-N": DONE.pairs["L-N"]!, "L-G": DONE.pairs["L-G"]! } }, "pair N-G"],
    ["a meter that showed nothing", { meterBefore: 0 }, "meter-before"],
    ["a meter proved on a small battery, leads crossed", { meterAfter: -12 }, "meter-after"],
  ])("stays locked by %s, until a reason is given", (_name, change, name) => {
    const evidence = { ...DONE, ...change };
    expect(openTasks(evidence).map(taskName)).toEqual([name]);
    expect(openTasks({ ...evidence, overrides: { [name]: "why not" } }).map(taskName)).toEqual([name]);
    expect(openTasks({ ...evidence, overrides: { [name]: "the licensed electrician on site did it" } })).toEqual([]);
  });

  it("takes a meter proved with its leads crossed, and capacitors bled from either side", () => {
    const crossed: DeadEvidence = { ...DONE, meterBefore: -121, meterAfter: -120, capacitors: [{ id: "can", first: -9, second: -2 }] };
    expect(openTasks(crossed)).toEqual([]);
  });

  it("does not care in which order evidence was written down, but for every figure in it", () => {
    const turned = Object.fromEntries(Object.entries(DONE).toReversed()) as unknown as DeadEvidence;
    expect(fingerprint(turned)).toBe(fingerprint(DONE));
    expect(fingerprint({ ...DONE, meterBefore: 122 })).not.toBe(fingerprint(DONE));
  });
});
