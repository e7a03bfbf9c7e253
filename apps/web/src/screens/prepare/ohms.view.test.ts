import type { Display } from "@amp-saver/instruments";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readOhms, shownOhm, textOfOhms } from "./ohms.view.ts";

type Meter = Extract<Display, { kind: "multimeter" }>;
const meter = (more: Partial<Meter>): Meter => ({ kind: "multimeter", range: "ohm", value: 1.2, unit: "ohm", beeps: false, ...more });
const on = (...displays: readonly Display[]): ReadonlyMap<string, Display> => new Map(displays.map((d, k) => [`m${k}`, d]));

describe("ohms as typed", () => {
  it("come back as they were shown, with point or comma", () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 10_000 }), (hundredths) => {
        const value = hundredths / 100;
        expect(readOhms(textOfOhms(value))).toBe(value);
        expect(readOhms(` ${textOfOhms(value).replace(".", ",")} `)).toBe(value);
      }),
      { seed: 8 },
    );
  });

  it("are nothing where nothing is typed, and refused where they are no number within bounds", () => {
    expect(readOhms("  ")).toBeNull();
    for (const text of ["-1", "1e2", "0x5", "1.2.3", "NaN", "Infinity", "101", "0.04"]) expect(readOhms(text)).toBeUndefined();
    expect(readOhms("0", 0, 10)).toBe(0);
    expect(readOhms("10.1", 0, 10)).toBeUndefined();
  });
});

describe("ohms that a meter shows", () => {
  it("are taken from the ohm range only, and never from dashes", () => {
    expect(shownOhm(on(meter({ value: 3.4 })))).toBe(3.4);
    expect(shownOhm(on(meter({ value: null })))).toBeNull();
    expect(shownOhm(on(meter({ range: "continuity", beeps: true })))).toBeNull();
    expect(shownOhm(on(meter({ range: "volts", unit: "V", value: 118 })))).toBeNull();
    expect(shownOhm(on(meter({ value: null }), meter({ value: 0 })))).toBe(0);
  });
});
