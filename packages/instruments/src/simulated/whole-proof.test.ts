import { predictReadings, studyProof } from "@amp-saver/core/study/proof";
import type { ClampReading } from "@amp-saver/core/study/reading";
import { describe, expect, it } from "vitest";
import { Bench, DEMO_SETUP } from "./index.ts";

const METER = "the clamp on the bench";
const UNIT = DEMO_SETUP.units[0];

/** A job of the front unit on its pedestal: three starts read, fitted, learned, three read again, with running amps and volts. */
function job(seed: number): ClampReading[] {
  const bench = new Bench({ ...DEMO_SETUP, seed });
  const readings: ClampReading[] = [];
  const shown = (id: string): number => {
    const display = bench.displays().get(id);
    if (display?.kind === "clamp") return display.amps ?? Number.NaN;
    return display?.kind === "multimeter" ? (display.value ?? Number.NaN) : Number.NaN;
  };
  const start = (when: ClampReading["when"], k: number): void => {
    bench.send("clamp", { do: "mode", mode: "inrush" });
    bench.hand({ do: "call", unit: "front", on: true });
    bench.advance(60);
    const common = { when, conductor: "common", tolerance: 0.03, meter: METER, restMin: 6, outdoorC: DEMO_SETUP.outdoorC } as const;
    readings.push({ ...common, id: `${when} start ${k}`, kind: "inrush", amps: shown("clamp") });
    bench.send("clamp", { do: "mode", mode: "live" });
    bench.advance(1);
    readings.push({ ...common, id: `${when} live ${k}`, kind: "live", amps: shown("clamp"), volts: shown("multimeter") });
    bench.hand({ do: "call", unit: "front", on: false });
    bench.advance(360);
  };
  bench.hand({ do: "clamp", unit: "front", jaws: "common" });
  for (let k = 0; k < 3; k++) start("before", k);
  bench.hand({ do: "fit", unit: "front", on: true });
  for (let k = 0; k < 6; k++) {
    bench.hand({ do: "call", unit: "front", on: true });
    bench.advance(90);
    bench.hand({ do: "call", unit: "front", on: false });
    bench.advance(360);
  }
  for (let k = 0; k < 3; k++) start("after", k);
  return readings;
}

describe("a whole job on stand-ins that scatter", () => {
  const predictedFor = (() => {
    const about = {
      unit: UNIT.given,
      source: DEMO_SETUP.sources["hook-up"],
      backgroundA: 0,
      outdoorC: DEMO_SETUP.outdoorC,
      restS: 360,
      seconds: 2,
    };
    return predictReadings({ ...about, method: { kind: "as-found" } }, { ...about, method: { kind: "soft" } }, "inrush", "common");
  })();

  it.each([1, 2, 3])("proves what the starter did, at seed %i: as expected for this unit, running amps the same", (seed) => {
    const study = studyProof({
      readings: { readings: job(seed), lockedRotorA: UNIT.given.lockedRotorA!.value },
      predicted: predictedFor,
      learned: { runs: 6, settled: true },
      tests: [],
      hottestC: DEMO_SETUP.outdoorC,
    });
    const { start, running, verdict } = study.readings;
    expect(verdict).toBe("as-expected");
    expect(start!.reduction).toBeGreaterThan(0.6);
    expect(start!.high - start!.low).toBeLessThan(0.12);
    expect(running!.verdict).toBe("same");
    expect(study.readings.leftOut).toEqual([]);
  });
});
