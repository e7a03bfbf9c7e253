import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { demoRecords } from "../demo/index.ts";
import type { Reading, Source } from "../index.ts";
import { readingsCsv } from "./readings-csv.ts";

const records = demoRecords();
const readings = records.filter((r): r is Reading => r.kind === "reading" && r.jobId === "demo-front-job");
const sources = records.filter((r): r is Source => r.kind === "source");

describe("readings as CSV", () => {
  it("come back as they were, names with commas in them too", () => {
    const odd = { ...readings[0]!, meter: 'clamp "B", old', loadsOn: "fridge, lights" };
    const { data } = Papa.parse<Record<string, string>>(readingsCsv([odd, ...readings.slice(1)], sources).trim(), { header: true });
    expect(data).toHaveLength(readings.length);
    expect(data[0]).toMatchObject({ amps: "62.1", meter: 'clamp "B", old', "what was on": "fridge, lights", source: "Pedestal, 30 A" });
    expect(data.map((d) => Number(d.amps))).toEqual(readings.map((r) => r.amps));
  });
});
