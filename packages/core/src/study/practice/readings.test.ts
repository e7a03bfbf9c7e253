import { describe, expect, it } from "vitest";
import { bench, given, inside, off, ohms, plain, play, shown, started, starterIn, volts } from "../../../validation/practice-benches.ts";
import { buildAsFound } from "../as-found/index.ts";
import { ISOLATION_PARAMS } from "../isolation/index.ts";
import { actOn, type PracticeCase, standing } from "./index.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

describe("the circuit’s readings", () => {
  const { made } = bench(given());
  const parallel = (a: number, b: number): number => (a * b) / (a + b);

  it("are the closed forms: windings in series, a divider of meter and stray capacitance, a capacitor’s decay", () => {
    const read = play(given(), [...inside, ohms("comp.R", "comp.S"), ohms("comp.C", "comp.S")]).steps.map(shown);
    expect(read.at(-2)).toBeCloseTo(made.motor.r1 + made.motor.ra + P.probesOhm.value, 2);
    expect(read.at(-1)).toBeCloseTo(made.motor.ra + P.probesOhm.value + P.contactOhm.value, 2);
    const bled = play(given([{ code: "capacitor-rebounds" }]), [
      ...off,
      volts("can.C", "can.HERM", "volts-dc"),
      { act: "bleed", part: "can", from: "C", to: "HERM", seconds: 3 },
    ]);
    const before = shown(bled.steps.at(-2))!;
    const tau = parallel(ISOLATION_PARAMS.bleederOhm.value, P.leakOhm.value) * made.runF;
    const after = bled.end.charges.get("can C-HERM")!.volts;
    expect(before).toBeGreaterThan(100);
    expect(after).toBeLessThan(before * (Math.exp(-3 / tau) + P.reboundShare.value));
    expect(after).toBeGreaterThan(before * Math.exp(-3 / tau) * 0.8);
  });

  it("have both meters apart on a dead line beside a live one, and together on a live one", () => {
    const stray = play(given([{ code: "stray-volts" }]), [
      ...off,
      volts("supply.L", "supply.N", "volts"),
      volts("supply.L", "supply.N"),
    ]).steps.map(shown);
    expect(stray.at(-2)).toBeGreaterThan(20);
    expect(stray.at(-1)).toBeLessThan(1);
    const live = play(given(), [volts("supply.L", "supply.N", "volts"), volts("supply.L", "supply.N")]).steps.map(shown);
    expect(Math.abs(live[0]! - live[1]!)).toBeLessThan(0.1);
  });

  it("shows about nothing on AC volts of a charged capacitor: a meter on the wrong range drains nothing", () => {
    const trap = play(given([{ code: "capacitor-rebounds" }]), [
      ...off,
      volts("can.C", "can.HERM", "volts"),
      volts("can.C", "can.HERM", "volts-dc"),
    ]).steps.map(shown);
    expect(trap.at(-2)).toBeLessThan(1);
    expect(Math.abs(trap.at(-1)!)).toBeGreaterThan(100);
  });

  it("has the start and the run of the study on the clamp, and a starter’s far below", () => {
    const inrush = (netlist: PracticeCase["netlist"]) =>
      play(given([], { netlist }), [
        { act: "switch", source: "shore", on: false },
        { act: "open", cover: "box" },
        { act: "clamp", conductor: "w-line", mode: "inrush" },
        { act: "switch", source: "shore", on: true },
        ...started,
        { act: "read" },
      ]);
    const direct = shown(inrush(buildAsFound(plain.switches)).steps.at(-1))!;
    expect(direct).toBeGreaterThan(50);
    expect(direct).toBeLessThan(70);
    const soft = inrush(starterIn("rooftop-boot"));
    expect(shown(soft.steps.at(-1))!).toBeLessThan(0.7 * direct);
    expect(standing(soft.end)).toMatchObject({ running: true, charged: [] });
  });

  it("hums, trips its overload and tries again where run and start are swapped, and never runs backwards", () => {
    const swapped = play(given([{ code: "run-start-swapped" }]), [{ act: "call", on: true }]);
    expect(standing(swapped.end).running).toBe(false);
    expect(swapped.end.motor).toMatchObject({ phase: "on", radS: 0 });
    const later = actOn(swapped.end, { act: "wait", seconds: 30 }).bench;
    expect(later.motor.phase).toBe("overload-open");
  });
});
