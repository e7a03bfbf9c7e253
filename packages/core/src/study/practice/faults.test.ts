import { describe, expect, it } from "vitest";
import { generator, given, house, inside, off, ohms, runs, volts } from "../../../validation/practice-benches.ts";
import { PRACTICE_FAULTS, type PracticeAct, type PracticeCase, type PracticeFaultCode, playPractice } from "./index.ts";

/** Every fault, on what it is met, and the acts that prove it. */
const PROOFS: readonly (readonly [PracticeFaultCode, Partial<PracticeCase>, readonly PracticeAct[]])[] = [
  ["inverter-feeds-again", {}, [...off, volts("supply.L", "supply.N")]],
  ["auto-start", {}, [...off, volts("supply.L", "supply.N")]],
  ["one-pole-unbroken", house, [{ act: "open", cover: "box" }, volts("k.T1", "supply.G")]],
  ["hot-neutral-reversed", {}, [volts("supply.N", "supply.G")]],
  ["stray-volts", {}, [...off, volts("supply.L", "supply.N", "volts"), volts("supply.L", "supply.N")]],
  ["neutral-open", {}, [volts("supply.L", "supply.N")]],
  [
    "capacitor-rebounds",
    {},
    [
      ...off,
      { act: "bleed", part: "can", from: "C", to: "HERM", seconds: 10 },
      { act: "wait", seconds: 60 },
      volts("can.C", "can.HERM", "volts-dc"),
    ],
  ],
  [
    "capacitor-weak",
    {},
    [...off, { act: "lift", conductor: "all", at: "can.HERM" }, { act: "measure", range: "capacitance", from: "can.C", to: "can.HERM" }],
  ],
  [
    "aid-left-in",
    {},
    [
      ...off,
      { act: "lift", conductor: "w-start", at: "can.HERM" },
      { act: "measure", range: "capacitance", from: "can.C", to: "can.HERM" },
    ],
  ],
  ["run-start-swapped", {}, [...inside, ohms("comp.C", "can.HERM")]],
  ["orphan", {}, [...inside, ohms("relay.NO", "comp.C")]],
  ["wrong-herm", {}, [...inside, ohms("comp.S", "can.HERM")]],
  ["bad-crimp", {}, [...inside, ohms("comp.S", "can.HERM")]],
  ["overload-open", {}, [...inside, ohms("comp.C", "comp.R")]],
  ["winding-to-case", {}, [...inside, { act: "lift", conductor: "w-run", at: "comp.R" }, ohms("comp.R", "comp.G")]],
  ["low-volts", {}, [volts("supply.L", "supply.N")]],
  ["thin-cord", {}, [...runs("shore"), volts("supply.L", "supply.N")]],
  ["weak-source", generator, runs("set")],
  ["eco-mode", generator, runs("set")],
  ["not-rested", {}, [{ act: "call", on: true }, volts("supply.L", "supply.N")]],
  ["energy-manager-waits", {}, runs("shore")],
  ["source-overload", generator, [...runs("set"), { act: "wait", seconds: 300 }, { act: "read" }]],
  ["dirty-coil", {}, runs("shore")],
];

describe("every fault", () => {
  it.each(PROOFS)("%s is proven by what is measured there, and by nothing before", (code, more, acts) => {
    const played = playPractice(given([{ code }], more), acts);
    if (!played.ok) throw new Error(played.reason);
    expect([played.value.found, played.value.missed, played.value.stopped], JSON.stringify(played.value.steps)).toEqual([[code], [], null]);
  });
  it("of the list has an act that proves it", () => {
    expect(PROOFS.map(([code]) => code)).toEqual([...PRACTICE_FAULTS]);
  });

  it("stays unproven by what shows nothing of it", () => {
    for (const code of PRACTICE_FAULTS) {
      const played = playPractice(given([{ code }]), [{ act: "wait", seconds: 1 }, volts("proving.L", "proving.N")]);
      expect(played.ok && played.value.missed, code).toEqual([code]);
    }
  });
});
