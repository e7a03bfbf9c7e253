import { describe, expect, it } from "vitest";
import { check } from "../src/check.ts";
import { refused } from "./ask.ts";

const CASE = {
  format: "amp-saver/practice-case",
  version: 1,
  seed: 7,
  topology: "rooftop-plain",
  unit: { volts: 115, lraA: 63, rlaA: 13.2, fanA: 2.5, runCapUf: 45 },
  sources: [
    { id: "shore", kind: "shore", volts: 120, breakerA: 30 },
    { id: "inv", kind: "inverter", auto: true },
  ],
  faults: ["inverter-feeds-again", { code: "capacitor-weak", part: "can", uF: 28 }] as unknown[],
  acts: [
    { act: "switch", source: "shore", on: false },
    { act: "measure", range: "volts-low-z", from: "supply.L", to: "supply.N" },
    { act: "switch", source: "inv", on: false },
    { act: "measure", range: "volts-low-z", from: "supply.L", to: "supply.N" },
    { act: "measure", range: "ohms", from: "can.C", to: "can.HERM" },
    { act: "open", cover: "box" },
    { act: "lift", conductor: "all", at: "can.HERM" },
    { act: "measure", range: "capacitance", from: "can.C", to: "can.HERM" },
    { act: "measure", range: "continuity", from: "can.C", to: "can.HERM" },
  ] as unknown[],
};

const play = (more: object = {}): Record<string, unknown> => {
  const outcome = check(JSON.stringify({ ...CASE, ...more }));
  if (outcome.exit !== 0) throw new Error(outcome.line);
  return JSON.parse(outcome.out) as Record<string, unknown>;
};

describe("a practice case by the command line", () => {
  it("shows what a meter shows, refuses what is closed, and says what the acts prove", () => {
    expect(play()).toEqual({
      format: "amp-saver/practice-result",
      version: 1,
      steps: [
        { did: true },
        { shown: 120, unit: "V" },
        { did: true },
        { shown: 0, unit: "V" },
        { refused: "cover-closed" },
        { did: true },
        { did: true },
        { shown: 28, unit: "uF" },
        { shown: null, unit: "ohm", beeps: false },
      ],
      stopped: null,
      found: ["inverter-feeds-again", "capacitor-weak"],
      missed: [],
      state: { live: [], charged: [], running: false },
    });
  });

  it("stops where it would hurt, names the act, and plays nothing after it", () => {
    const acts = [CASE.acts[0], { act: "open", cover: "box" }, { act: "touch", at: "relay.COM" }, { act: "read" }];
    const { steps, stopped, missed, state } = play({ acts });
    expect(stopped).toEqual({ act: 2, code: "live-touched" });
    expect((steps as unknown[]).at(-1)).toEqual({ refused: "ended" });
    expect(missed).toEqual(["inverter-feeds-again", "capacitor-weak"]);
    expect((state as { live: string[] }).live).toContain("supply.L");
  });

  it("takes wiring by parts and conductors under names of one’s own", () => {
    const wire = (id: string, from: string, to: string) => ({ id, color: "red", awg: 12, ends: [from, to] });
    const wiring = {
      parts: [
        { id: "line", kind: "supply" },
        { id: "pump", kind: "compressor" },
        { id: "cap", kind: "run-capacitor" },
      ],
      conductors: [
        wire("1", "line.L", "pump.C"),
        wire("2", "line.N", "cap.C"),
        wire("3", "cap.C", "pump.R"),
        wire("4", "cap.HERM", "pump.S"),
        wire("5", "line.G", "pump.G"),
      ],
    };
    const acts = [CASE.acts[0], { act: "open", cover: "terminals" }, { act: "measure", range: "ohms", from: "pump.C", to: "pump.R" }];
    const { steps } = play({ topology: undefined, wiring, sources: [CASE.sources[0]], faults: [], acts });
    const { shown } = (steps as { shown: number }[]).at(-1)!;
    expect(shown).toBeGreaterThan(0.5);
    expect(shown).toBeLessThan(2);
  });

  it.each([
    [{ acts: [{ act: "jump" }] }, "acts.0.act"],
    [{ faults: ["rust"] }, "faults.0"],
    [{ topology: "attic" }, "topology must be one of"],
    [{ topology: undefined }, "topology or wiring is missing"],
    [{ acts: [{ act: "wait", seconds: 1e9 }] }, "acts.0.seconds"],
    [{ sources: [CASE.sources[0], CASE.sources[0]] }, "stands twice"],
    [{ sources: [] }, "sources"],
    [{ faults: ["orphan", "orphan"] }, "stands twice"],
    [{ unit: { volts: 115 } }, "unit.lraA is missing"],
  ])("refuses %j in one line that names the field", (more, said) => {
    expect(refused({ ...CASE, ...more })).toContain(said);
  });
});
