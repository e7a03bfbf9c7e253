import { type AirConditioner, type FitLog, type Job, newReading, type Reading, type ReadingId } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { ownRecord } from "./statistics.view.ts";

const records = demoRecords().filter((r) => !("rigId" in r) || r.rigId !== "demo-heron-post");
const jobs = records.filter((r): r is Job => r.kind === "job");
const units = records.filter((r): r is AirConditioner => r.kind === "unit");
const readings = records.filter((r): r is Reading => r.kind === "reading");
const read = (job: Job, when: Reading["when"], amps: number): Reading =>
  newReading({ id: `${job.id} ${when} ${amps}` as ReadingId, now: "2031-02-01T10:00:00.000Z" }, job, when, amps);
const rear = jobs.find((j) => j.id === "demo-rear-job")!;

describe("one's own jobs in figures", () => {
  it("gives reductions by kind of unit, middle and extremes", () => {
    const more = [read(rear, "before", 50), read(rear, "after", 20)];
    const { reductions } = ownRecord(jobs, units, [...readings, ...more], []);
    expect(reductions.map(({ volts, tons, reduction }) => [volts, tons, reduction.count, Math.round(reduction.middle * 100)])).toEqual([
      [120, 1, 2, 63],
    ]);
    expect(reductions[0]!.reduction.least).toBeCloseTo(0.6, 9);
    expect(reductions[0]!.reduction.most).toBeCloseTo(0.652, 2);
  });

  it("counts nothing where no two readings are alike, and says how many were handed over", () => {
    const done = jobs.map((j, k) => (k === 0 ? { ...j, done: [...j.done, "hand-over" as const] } : j));
    expect(ownRecord(done, units, [read(rear, "before", 50)], [])).toMatchObject({ jobs: jobs.length, handedOver: 1, reductions: [] });
  });

  it("times fitting from proven dead to power back, and leaves out what was never finished", () => {
    const at = (minute: number, what: FitLog["events"][number]["what"]) => ({
      at: new Date(Date.UTC(2031, 1, 1, 10, minute)).toISOString(),
      what,
    });
    const work = (...events: FitLog["events"]): FitLog => ({ events }) as unknown as FitLog;
    const { fitMinutes } = ownRecord(
      jobs,
      units,
      [],
      [
        work(at(0, "proved"), at(40, "powered")),
        work(at(0, "proved"), at(5, "hands"), at(6, "proved"), at(36, "powered")),
        work(at(0, "proved")),
      ],
    );
    expect(fitMinutes).toEqual({ count: 2, middle: 35, least: 30, most: 40 });
  });
});
