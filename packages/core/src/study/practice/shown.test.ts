import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bench, given, play } from "../../../validation/practice-benches.ts";
import { drawLesson, LESSONS, newBench, type PracticeAct, shownBench } from "./index.ts";

const boxed: readonly PracticeAct[] = [{ act: "open", cover: "box" }];
const opened: readonly PracticeAct[] = [
  { act: "switch", source: "shore", on: false },
  { act: "open", cover: "box" },
  { act: "open", cover: "terminals" },
];
const onPin = (netlist: ReturnType<typeof shownBench>["netlist"], wire: string): string | undefined =>
  netlist.conductors.find((c) => c.id === wire)?.ends.find((e) => e?.startsWith("comp.")) ?? undefined;

describe("what is seen of a practice unit", () => {
  it("is the supply alone while the box is closed", () => {
    const { netlist, whole } = shownBench(bench(given()));
    expect(netlist.parts.map((p) => p.kind)).toEqual(["supply"]);
    expect(netlist.conductors).toEqual([]);
    expect(whole.parts.length).toBeGreaterThan(3);
  });

  it("does not tell by place which pin a wire is on: over seeds every wire of the compressor lies on every pin", () => {
    const places = new Set<string>();
    for (let seed = 0; seed < 60; seed++) {
      const of = { ...given(), seed };
      const { netlist, realOf } = shownBench(play(of, opened).end);
      const at = onPin(netlist, "w-run")!;
      expect(realOf[at]).toBe("comp.R");
      places.add(at);
    }
    expect([...places].toSorted()).toEqual(["comp.C", "comp.R", "comp.S"]);
  });

  it("is the same under the cover of the terminals with run and start swapped and without", () => {
    for (let seed = 0; seed < 12; seed++) {
      const good = shownBench(play({ ...given(), seed }, boxed).end).netlist.conductors;
      const bad = shownBench(play({ ...given([{ code: "run-start-swapped" }]), seed }, boxed).end).netlist.conductors;
      expect(bad).toEqual(good);
    }
  });

  it("gives every wire a number of its own, whatever the seed", () => {
    fc.assert(
      fc.property(fc.nat(10_000), fc.constantFrom(...LESSONS), (seed, lesson) => {
        const made = newBench(drawLesson(lesson, seed));
        if (!made.ok) throw new Error(made.reason);
        const { numberOf } = shownBench(made.value);
        const count = made.value.netlist.conductors.length;
        expect(Object.values(numberOf).toSorted((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, k) => k + 1));
      }),
      { numRuns: 40, seed: 3 },
    );
  });

  it("keeps the numbers of the wires when one is cut or a starter comes in", () => {
    const before = shownBench(play(given(), opened).end).numberOf;
    const cut: PracticeAct = { act: "cut", conductor: "w-run", at: "can.C", with: "w-run/2" };
    const after = shownBench(play(given(), [...opened, cut, { act: "fit", family: "F4" }]).end);
    expect(after.numberOf).toEqual(before);
    expect(after.netlist.conductors.length).toBeGreaterThan(Object.keys(before).length + 1);
  });

  it("says what is heard: nothing, the fan before the compressor, the compressor", () => {
    const heard = (acts: readonly PracticeAct[]): string => shownBench(play(given(), acts).end).heard;
    expect(heard([])).toBe("nothing");
    expect(
      heard([
        { act: "call", on: true },
        { act: "wait", seconds: 60 },
      ]),
    ).toBe("compressor");
    const held = play(given([{ code: "energy-manager-waits" }]), [{ act: "call", on: true }]);
    expect(shownBench(held.end).heard).toBe("nothing");
  });
});
