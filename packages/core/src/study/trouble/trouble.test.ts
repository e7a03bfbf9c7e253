import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MEASUREMENTS, SYMPTOMS, studyTrouble, type TroubleFacts } from "./index.ts";

const known: TroubleFacts = {
  plateV: 115,
  lockedRotorA: 63,
  ratedLoadA: 13.2,
  runCapacitorF: 40e-6,
  runCapacitorShare: null,
  startCapacitorF: 88e-6,
  startCapacitorShare: null,
  breakerA: 20,
  carriesA: null,
};
const nothing: TroubleFacts = {
  ...known,
  lockedRotorA: null,
  ratedLoadA: null,
  runCapacitorF: null,
  startCapacitorF: null,
  breakerA: null,
};

describe("from a symptom to the next measurement", () => {
  it("takes a set that shuts off after minutes for too small where the amps on it exceed what it carries for hours", () => {
    expect(studyTrouble("trips-after-minutes", known, {})).toMatchObject({ next: "source-amps", causes: [] });
    expect(studyTrouble("trips-after-minutes", known, { "source-amps": 17 })).toMatchObject({ next: null, causes: ["source-too-small"] });
    expect(studyTrouble("source-shuts-off", { ...known, breakerA: null, carriesA: 13 }, { "source-amps": 14 }).causes).toEqual([
      "source-too-small",
    ]);
    const clear = studyTrouble("trips-after-minutes", known, { "source-amps": 15, "running-amps": 16 });
    expect(clear.causes).toEqual(["overworked"]);
  });

  it("takes a hum for want of rest first, then for the capacitors, then for the feed", () => {
    expect(studyTrouble("hums-then-quiet", known, { rest: 1 }).causes).toEqual(["not-rested"]);
    expect(studyTrouble("hums-then-quiet", known, { rest: 5 }).next).toBe("run-capacitor");
    expect(studyTrouble("hums-then-quiet", known, { rest: 5, "run-capacitor": 36e-6 }).causes).toEqual(["run-capacitor-off"]);
    expect(studyTrouble("hums-then-quiet", known, { rest: 5, "run-capacitor": 40e-6, "start-capacitor": 95e-6 }).next).toBe("start-volts");
    expect(studyTrouble("hums-then-quiet", { ...known, runCapacitorShare: 0.1 }, { rest: 5, "run-capacitor": 36.5e-6 }).causes).toEqual([]);
  });

  it("takes a trip at once to the case before anything is powered again", () => {
    expect(studyTrouble("trips-at-once", known, {}).next).toBe("winding-to-case");
    expect(studyTrouble("trips-at-once", known, { "winding-to-case": 200 }).causes).toEqual(["winding-to-case"]);
  });

  it("asks nothing that it could not judge", () => {
    for (const symptom of SYMPTOMS)
      for (const { least, most } of studyTrouble(symptom, nothing, {}).list) expect(least ?? most).not.toBeNull();
    expect(studyTrouble("lights-dim", nothing, {}).list.map((m) => m.what)).toEqual(["start-volts"]);
  });

  it("ends: whatever is read, the next is one that nobody read, and none is left at the end or once a cause is found", () => {
    const read = fc.dictionary(fc.constantFrom(...MEASUREMENTS), fc.double({ min: 0, max: 2e6, noNaN: true }));
    fc.assert(
      fc.property(fc.constantFrom(...SYMPTOMS), read, (symptom, values) => {
        const { list, next, causes } = studyTrouble(symptom, known, values);
        if (next === null) expect(causes.length > 0 || list.every((m) => m.read !== null)).toBe(true);
        else expect([values[next], causes]).toEqual([undefined, []]);
        for (const m of list) if (m.cause !== null) expect(m.read! < (m.least ?? -1) || m.read! > (m.most ?? 1e9)).toBe(true);
      }),
      { seed: 19 },
    );
  });
});
