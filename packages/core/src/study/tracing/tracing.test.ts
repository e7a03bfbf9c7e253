import { describe, expect, it } from "vitest";
import { buildAsFound, PLAIN_ROOFTOP } from "../as-found/index.ts";
import { lookAlikes, type ProofRecord, release, traceRefusal } from "./index.ts";

const GOOD = { bothEndsFree: true, ohm: 0.1, openToOthers: true } as const;
const NOTHING: ProofRecord = { traced: false, onDiagram: false, reading: null, photos: 0, override: null };

describe("a conductor is traced", () => {
  it.each([
    ["with both ends free, low and open to every other lead", GOOD, null],
    ["at the limit itself", { ...GOOD, ohm: 0.2 }, null],
    ["not by a reading with the windings attached, however low", { ...GOOD, bothEndsFree: false, ohm: 0 }, "windings-attached"],
    ["not by a beep", { ...GOOD, ohm: null }, "beep-only"],
    ["not above the limit", { ...GOOD, ohm: 0.21 }, "not-low"],
    ["not where it is joined to another", { ...GOOD, openToOthers: false }, "joined-to-another"],
  ] as const)("%s", (_name, reading, refusal) => {
    expect(traceRefusal(reading)).toBe(refusal);
  });
});

describe("a cut is released", () => {
  it.each<[string, Partial<ProofRecord>, Partial<ReturnType<typeof release>>]>([
    ["not by nothing", {}, { released: false, missing: ["proof", "photo"] }],
    ["not by one proof and a photo", { traced: true, photos: 1 }, { released: false, missing: ["proof"] }],
    ["not by two proofs without a photo", { traced: true, onDiagram: true }, { released: false, missing: ["photo"] }],
    [
      "not by a beep counted as a second proof",
      { traced: true, photos: 1, reading: { ...GOOD, bothEndsFree: false } },
      { released: false, proofs: ["trace"] },
    ],
    ["by trace, ohms and a photo", { traced: true, reading: GOOD, photos: 2 }, { released: true, by: "proofs", proofs: ["trace", "ohms"] }],
    ["by a reason that is one", { override: "Only wire into the pin cover, seen whole" }, { released: true, by: "override" }],
    ["not by a shrug", { override: "  ok        " }, { released: false, by: null }],
  ])("%s", (_name, change, expected) => {
    expect(release({ ...NOTHING, ...change })).toMatchObject(expected);
  });
});

describe("look-alikes", () => {
  it("are conductors of the same colour, those of the same gauge first", () => {
    const netlist = buildAsFound({ ...PLAIN_ROOFTOP, lookAlike: true });
    expect(lookAlikes(netlist, "w-run").map((l) => [l.conductor.id, l.sameGauge])).toEqual([
      ["w-neutral", true],
      ["w-fan-main", false],
    ]);
    expect(lookAlikes(netlist, "w-start")).toEqual([]);
  });
});
