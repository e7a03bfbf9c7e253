import { describe, expect, it } from "vitest";
import { generatorStart, ROOFTOP, stiffStart } from "../../../validation/plates.ts";
import { celsiusFromF, metresFromFt, quantity } from "../../quantity/index.ts";
import { currentTime, studyStart } from "../motor-start/index.ts";
import { mapAxis, marginRow } from "./index.ts";

const AIR = [60, 75, 90, 105, 120].map(celsiusFromF);
const HEIGHTS = [0, 3000, 6000, 9000].map(metresFromFt);
const SET = generatorStart(ROOFTOP, { kind: "soft", limitA: 22 }, 2000, 2500);
const RANK = { fits: 0, "just-fits": 1, "not-known": 2, "too-much": 3 } as const;

describe("the margin map", () => {
  const rows = HEIGHTS.map((up) => marginRow(SET, AIR, up));

  it("is what the study says at each of its places", () => {
    const study = studyStart({ ...SET, outdoorC: AIR[2]!, source: { ...SET.source, altitudeM: HEIGHTS[1]! } as typeof SET.source });
    if (!study.ok) throw new Error(study.reason);
    const { verdict, result } = study.value;
    expect(rows[1]![2]).toEqual({ fit: verdict.overall, marginA: result[verdict.decides]!.marginA, decides: verdict.decides });
  });

  it("never gets better when hotter or higher", () => {
    for (const [h, row] of rows.entries())
      for (const [a, cell] of row.entries()) {
        const cooler = row[a - 1];
        const lower = rows[h - 1]?.[a];
        if (cooler !== undefined) expect(RANK[cell.fit]).toBeGreaterThanOrEqual(RANK[cooler.fit]);
        if (lower !== undefined) expect(RANK[cell.fit]).toBeGreaterThanOrEqual(RANK[lower.fit]);
      }
    expect(rows[0]![0]!.fit).toBe("fits");
    expect(rows[3]![4]!.fit).toBe("too-much");
  });

  it("runs up in amps of other loads where nothing is lost to height", () => {
    expect(mapAxis(SET)).toBe("altitude");
    const circuit = {
      ...stiffStart(ROOFTOP, { kind: "direct" }),
      source: { kind: "shore", volts: quantity(120, "plate"), breakerA: quantity(20, "plate") },
    } as const;
    expect(mapAxis(circuit)).toBe("loads");
    const light = marginRow(circuit, AIR.slice(1, 2), 0)[0]!;
    const loaded = marginRow(circuit, AIR.slice(1, 2), 4)[0]!;
    expect(light.marginA! - loaded.marginA!).toBeGreaterThan(3);
  });
});

describe("current against time", () => {
  const study = studyStart(stiffStart(ROOFTOP, { kind: "direct" }));
  if (!study.ok) throw new Error(study.reason);
  const points = currentTime(study.value.result);

  it("counts each cycle once: the time at or above the least current is the whole run, above the largest one cycle", () => {
    const { cycles, peak } = study.value.result;
    expect(points[0]!.amps).toBeCloseTo(peak.cycleRmsA, 9);
    expect(points[0]!.seconds).toBeCloseTo(1 / 60, 9);
    expect(points.at(-1)!.seconds).toBeCloseTo(cycles.length / 60, 6);
  });

  it("falls in amps as the time grows", () => {
    for (const [i, p] of points.entries()) if (i > 0) expect(p.amps).toBeLessThanOrEqual(points[i - 1]!.amps);
  });
});
