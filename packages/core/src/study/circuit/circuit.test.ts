import { describe, expect, it } from "vitest";
import { type CircuitCheckInput, checkCircuit } from "./index.ts";

const PLATE: CircuitCheckInput = { ratedLoadA: 13, fanA: 1, plateBreakerA: 30, plateAmpacityA: 17.3, breakerA: 30, awg: 10 };
const codes = (change: Partial<CircuitCheckInput>): string[] => checkCircuit({ ...PLATE, ...change }).map((i) => i.code);

describe("breaker and wire beside the plate", () => {
  it("finds nothing wrong with a 30 A breaker on 10 AWG where the plate allows 30 A (common practice, no source)", () => {
    expect(checkCircuit(PLATE)).toEqual([]);
  });

  it("raises no false alarm over a breaker above the wire's amps: motor circuits are exempt (NEC 240.4(G), from memory)", () => {
    expect(codes({ awg: 12 })).toEqual([]);
    expect(codes({ awg: 14, plateAmpacityA: 14.9 })).toEqual([]);
  });

  it("names a breaker above the plate's largest, with both figures and the rule", () => {
    const [issue] = checkCircuit({ ...PLATE, breakerA: 40 });
    expect(issue).toMatchObject({ code: "breaker-over-plate", severity: "warn", figures: { breakerA: 40, plateA: 30 } });
    expect(issue!.source).toContain("NEC");
  });

  it("falls back on 225 % of the compressor plus the fan where the plate is silent", () => {
    expect(codes({ plateBreakerA: null, breakerA: 30 })).toEqual([]);
    expect(codes({ plateBreakerA: null, breakerA: 35 })).toEqual(["breaker-over-motor-share"]);
  });

  it("never asks for less than 15 A, however small the unit", () => {
    const small = { plateBreakerA: null, plateAmpacityA: null, ratedLoadA: 4, fanA: 1 };
    expect(codes({ ...small, breakerA: 15 })).toEqual([]);
    expect(codes({ ...small, breakerA: 20 })).toEqual(["breaker-over-motor-share"]);
  });

  it("names a wire under the plate's ampacity, or under 1.25 × compressor + fan without one", () => {
    expect(codes({ awg: 14 })).toEqual(["wire-under-ampacity"]);
    expect(codes({ awg: 14, plateAmpacityA: null, ratedLoadA: 11 })).toEqual([]);
    expect(codes({ awg: 14, plateAmpacityA: null, ratedLoadA: 11.3 })).toEqual(["wire-under-ampacity"]);
    expect(codes({ awg: 16 })).toEqual(["wire-under-ampacity"]);
  });

  it("notes a breaker too small to carry the unit, and says nothing of what is not known", () => {
    expect(codes({ breakerA: 15 })).toEqual(["breaker-under-ampacity"]);
    expect(checkCircuit({ ratedLoadA: null, fanA: null, plateBreakerA: null, plateAmpacityA: null, breakerA: 60, awg: 14 })).toEqual([]);
  });
});
