import { describe, expect, it } from "vitest";
import { CONDENSER, ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { prepare, type StartCase, studyStart } from "../motor-start/index.ts";
import { studyWaveform } from "../waveform/index.ts";
import { JAWS, type Jaws, recordWindings } from "./index.ts";

function recorded(given: StartCase) {
  const prepared = prepare(given);
  if (!prepared.ok) throw new Error(prepared.reason);
  return recordWindings(prepared.value.input);
}

function rms(values: Float32Array, from: number, to: number): number {
  let sum = 0;
  for (let k = from; k < to; k++) sum += values[k]! ** 2;
  return Math.sqrt(sum / (to - from));
}

describe.each([
  ["a rooftop unit", ROOFTOP],
  ["a condenser", CONDENSER],
])("jaws on %s in a direct start", (_name, unit) => {
  const given = stiffStart(unit, { kind: "direct" });
  const record = recorded(given);
  const studied = studyStart(given);
  const on = (jaws: Jaws) => record.amps[jaws];
  const end = record.volts.length;
  const tail = end - record.sampleHz / 2;

  it("on common read what the start study says of the compressor, cycle by cycle", () => {
    if (!studied.ok) throw new Error(studied.reason);
    const perCycle = record.sampleHz / 60;
    for (const [k, row] of studied.value.result.cycles.entries()) {
      const got = rms(on("common"), k * perCycle, (k + 1) * perCycle);
      expect(Math.abs(got - row.compressorA)).toBeLessThan(0.02 * row.compressorA + 0.3);
    }
  });

  it("common is run and start winding together, at every instant", () => {
    for (let k = 0; k < end; k += 7) expect(on("run")[k]! + on("start")[k]!).toBeCloseTo(on("common")[k]!, 3);
  });

  it("on run and on start read otherwise than common in running; on run not in the first tenth of a second", () => {
    const running = Object.fromEntries(JAWS.map((j) => [j, rms(on(j), tail, end)])) as Record<Jaws, number>;
    expect(running.start).toBeLessThan(0.9 * running.common);
    expect(Math.abs(running.run / running.common - 1)).toBeGreaterThan(0.02);
    expect(running.supply).toBeGreaterThanOrEqual(running.common);
    const tenth = record.sampleHz / 10;
    expect(rms(on("run"), 0, tenth) / rms(on("common"), 0, tenth)).toBeGreaterThan(0.9);
  });

  it("reads the same as a record of any start", () => {
    const found = studyWaveform({ amps: on("common"), volts: record.volts, sampleHz: record.sampleHz, lineHz: 60, kind: "instant" });
    if (!found.ok || !studied.ok) throw new Error("no start");
    const { result } = studied.value;
    expect(Math.abs(found.value.largestCycleA / Math.max(...result.cycles.map((c) => c.compressorA)) - 1)).toBeLessThan(0.02);
    expect(Math.abs(found.value.startTimeS! - result.startS!)).toBeLessThan(0.08);
    expect(found.value.lowestV!).toBeLessThan(given.unit.plateVolts < 160 ? 121 : 241);
  });
});

describe("jaws on the supply", () => {
  it("read the fan beside the compressor", () => {
    const record = recorded(stiffStart(ROOFTOP, { kind: "direct" }));
    const end = record.volts.length;
    const tail = end - record.sampleHz / 2;
    expect(rms(record.amps.supply, tail, end) - rms(record.amps.common, tail, end)).toBeGreaterThan(1.5);
  });
});
