import { describe, expect, it } from "vitest";
import { given, inside, off, volts } from "../../../validation/practice-benches.ts";
import { type PracticeAct, playPractice } from "./index.ts";

const proving = volts("proving.L", "proving.N");
const pairs = [volts("supply.L", "supply.N"), volts("supply.L", "supply.G"), volts("supply.N", "supply.G")];
const charge: readonly PracticeAct[] = [volts("can.C", "can.HERM", "volts-dc"), volts("can.C", "can.FAN", "volts-dc")];
const again: readonly PracticeAct[] = [...charge, { act: "wait", seconds: 30 }, ...charge];
const touch: PracticeAct = { act: "touch", at: "can.HERM" };

const luckOf = (acts: readonly PracticeAct[], faults: Parameters<typeof given>[0] = []) => {
  const played = playPractice(given(faults), acts);
  if (!played.ok) throw new Error(played.reason);
  return played.value.handsIn.map(({ unproven }) => unproven);
};

describe("hands in a unit that was dead", () => {
  it("are proven where everything was shown, in the order it is shown in", () => {
    expect(luckOf([...off, proving, ...pairs, proving, ...again, touch])).toEqual([[]]);
  });

  it("were lucky where something was not: each lack by its name", () => {
    expect(luckOf([...off, touch])).toEqual([["meter-before", "pairs", "meter-after", "charge"]]);
    expect(luckOf([...off, ...pairs, proving, ...again, touch])).toEqual([["pairs", "meter-after"]]);
    expect(luckOf([...off, proving, ...pairs.slice(1), proving, ...again, touch])).toEqual([["pairs", "meter-after"]]);
    expect(luckOf([...off, proving, ...pairs, proving, ...charge, ...charge, touch])).toEqual([["charge"]]);
    expect(luckOf([off[0]!, off[2]!, proving, ...pairs, proving, ...again, touch])).toEqual([["not-locked"]]);
  });

  it("prove nothing by a high impedance, and begin anew where a source is switched on or a pair shows volts", () => {
    const high = pairs.map((p) => ({ ...p, range: "volts" as const }));
    expect(luckOf([...off, proving, ...high, proving, ...again, touch])).toEqual([["pairs", "meter-after"]]);
    const shore = { act: "switch", source: "shore" } as const;
    const open = [...off.filter((a) => a.act !== "lock"), proving, ...pairs, proving, ...again];
    expect(luckOf([...open, { ...shore, on: true }, { ...shore, on: false }, touch])).toEqual([
      ["not-locked", "meter-before", "pairs", "meter-after", "charge"],
    ]);
  });

  it("count each time, refused ones not", () => {
    const acts: readonly PracticeAct[] = [
      ...inside,
      touch,
      { act: "touch", at: "no.X" },
      { act: "lift", conductor: "w-run", at: "comp.R" },
    ];
    expect(luckOf(acts)).toHaveLength(2);
  });
});

describe("a lock", () => {
  it("keeps a source off until it is taken off, and is taken off once", () => {
    const shore = { source: "shore" } as const;
    const acts: readonly PracticeAct[] = [
      { act: "unlock", ...shore },
      { act: "switch", ...shore, on: false },
      { act: "lock", ...shore },
      { act: "switch", ...shore, on: true },
      { act: "unlock", ...shore },
      { act: "switch", ...shore, on: true },
      { act: "unlock", source: "none" },
    ];
    const played = playPractice(given(), acts);
    const did = { did: true };
    expect(played.ok && played.value.steps).toEqual([
      { refused: "already" },
      did,
      did,
      { refused: "locked" },
      did,
      did,
      { refused: "no-such-source" },
    ]);
  });
});
