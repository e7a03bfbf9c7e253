import type { Display } from "@amp-saver/instruments";
import { describe, expect, it } from "vitest";
import { shownOhm } from "./ohms.view.ts";

type Meter = Extract<Display, { kind: "multimeter" }>;
const meter = (more: Partial<Meter>): Meter => ({ kind: "multimeter", range: "ohm", value: 1.2, unit: "ohm", beeps: false, ...more });
const on = (...displays: readonly Display[]): ReadonlyMap<string, Display> => new Map(displays.map((d, k) => [`m${k}`, d]));

describe("ohms that a meter shows", () => {
  it("are taken from the ohm range only, and never from dashes", () => {
    expect(shownOhm(on(meter({ value: 3.4 })))).toBe(3.4);
    expect(shownOhm(on(meter({ value: null })))).toBeNull();
    expect(shownOhm(on(meter({ range: "continuity", beeps: true })))).toBeNull();
    expect(shownOhm(on(meter({ range: "volts", unit: "V", value: 118 })))).toBeNull();
    expect(shownOhm(on(meter({ value: null }), meter({ value: 0 })))).toBe(0);
  });
});
