import { displaySchema, INSTRUMENT_KINDS } from "@amp-saver/instruments";
import { FAULTS } from "@amp-saver/instruments/simulated";
import { describe, expect, it } from "vitest";
import { displayNotes, displayText, INSTRUMENTS } from "./instruments.ts";

const plain = (text: string): string => text.replaceAll("\u00a0", " ");
const show = (display: unknown): string => {
  const read = displaySchema.parse(display);
  return plain([displayText(read), ...displayNotes(read)].join(", "));
};

describe("what instruments show, in words", () => {
  it.each([
    [{ kind: "clamp", mode: "inrush", amps: 61.34, resolutionA: 0.1 }, "61.3 A, inrush"],
    [{ kind: "clamp", mode: "max-hold", amps: null, resolutionA: 0.1 }, "– – –, max hold"],
    [{ kind: "multimeter", range: "continuity", value: 0.2, unit: "ohm", beeps: true }, "0.2 ohm, continuity, it beeps"],
    [{ kind: "multimeter", range: "capacitance", value: 31.5, unit: "µF", beeps: false }, "31.5 µF, capacitance"],
    [
      { kind: "starter-link", status: "running", liveA: 11.1, lastPeakA: 27, learned: 1, code: null },
      "11.1 A, running, 1 start learned, last peak 27.0 A",
    ],
    [
      { kind: "starter-link", status: "delay", liveA: null, lastPeakA: null, learned: 0, code: "wait" },
      "– – –, start delay, 0 starts learned, code: wait",
    ],
    [
      { kind: "generator-panel", running: true, watts: 1840, overload: "warning", eco: false, fuelShare: 0.4 },
      "1,840 W, overload lamp is on, fuel 40 %",
    ],
  ])("%j", (display, words) => {
    expect(show(display)).toBe(words);
  });

  it("has a name for every kind and every fault", () => {
    expect(INSTRUMENT_KINDS.filter((k) => INSTRUMENTS.kinds[k] === undefined)).toEqual([]);
    expect(FAULTS.filter((f) => INSTRUMENTS.fault[f] === undefined)).toEqual([]);
  });
});
