import { describe, expect, it } from "vitest";
import { simulate } from "../src/study/motor-start/index.ts";
import { REFERENCE_START } from "./motors.ts";
import { ngspiceVersion, rmsBetween, runNgspice } from "./ngspice.ts";

describe(`the start as a netlist in ${ngspiceVersion()}`, () => {
  const spice = runNgspice(REFERENCE_START);
  const trace = simulate(REFERENCE_START);
  const ours = (from: number, to: number): number => {
    const at = (s: number): number => Math.round(s / trace.stepS);
    const { squareSum } = trace.meter;
    return Math.sqrt((squareSum[at(to)]! - squareSum[at(from)]!) / (to - from));
  };

  it("agrees in the RMS of every cycle within 0.5 % or 0.2 A", () => {
    const cycles = Math.floor(REFERENCE_START.seconds * 60);
    const off: string[] = [];
    for (let k = 0; k < cycles; k++) {
      const theirs = rmsBetween(spice, k / 60, (k + 1) / 60);
      const mine = ours(k / 60, (k + 1) / 60);
      if (Math.abs(mine - theirs) > Math.max(0.005 * theirs, 0.2)) off.push(`cycle ${k}: ${mine} against ${theirs}`);
    }
    expect(off).toEqual([]);
    expect(cycles).toBe(60);
  });

  it("agrees in the last speed within 0.1 %", () => {
    expect(Math.abs(trace.endRadS / spice.radS.at(-1)! - 1)).toBeLessThan(0.001);
  });

  it.each([
    [0.05, 0.15, 63.6],
    [0.1, 0.2, 63.66],
    [0.2, 0.3, 63.08],
    [0.3, 0.4, 48.89],
    [0.4, 0.5, 6.72],
    [0.8, 0.9, 1.93],
  ])("keeps the recorded RMS from %d s to %d s: %d A", (from, to, amps) => {
    expect(Math.abs(ours(from, to) - amps)).toBeLessThan(Math.max(0.005 * amps, 0.03));
  });
});
