import {
  type Job,
  type JobId,
  newJob,
  newProof,
  newReading,
  newWork,
  type Proof,
  type Reading,
  type ReadingId,
  type SourceId,
} from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { comingLooks, rigHistory, sinceLast } from "./history.ts";

const all = demoRecords();
const of = <K extends string>(kind: K) => all.filter((r) => r.kind === kind && "rigId" in r && r.rigId === "demo-tin-lantern") as never[];
const base = {
  jobs: of("job") as Job[],
  readings: of("reading") as Reading[],
  works: [],
  learnings: [],
  proofs: [],
  photos: [],
  sources: of("source"),
  wirings: [],
};
const unit = all.find((r) => r.kind === "unit" && r.id === "demo-front") as Parameters<typeof sinceLast>[0];
const first = base.jobs.find((j) => j.unitId === "demo-front")!;
const second = { ...newJob({ id: "second" as JobId, now: "2029-06-02T09:00:00.000Z" }, first.rigId, first.unitId, "Next visit") };
const read = (k: number, amps: number, mode: Reading["mode"] = "inrush"): Reading => ({
  ...newReading({ id: `again-${k}` as ReadingId, now: "2029-06-02T10:00:00.000Z" }, second, "after", amps),
  mode,
  conductor: "common",
  restMin: 10,
});

describe("what was done on a rig", () => {
  it("is told from its records, latest first, readings of one day and side as one", () => {
    const events = rigHistory(base);
    expect(events.map((e) => e.at)).toEqual(
      events
        .map((e) => e.at)
        .toSorted()
        .toReversed(),
    );
    const told = events.flatMap(({ what }) => (what.code === "readings" ? [[what.when, what.live, what.count]] : []));
    expect(told.reduce((n, [, , count]) => n + (count as number), 0)).toBe(base.readings.length);
    expect(new Set(told.map((t) => t.slice(0, 2).join(" "))).size).toBe(told.length);
    expect(events.filter((e) => e.what.code === "begun").length).toBe(2);
  });

  it("names every proof of dead, every power, every run on a source", () => {
    const at = (hour: number): string => `2026-06-21T${hour}:00:00.000Z`;
    const work = {
      ...newWork(at(10), first),
      events: [
        { at: at(11), what: "proved" as const },
        { at: at(13), what: "powered" as const },
      ],
      steps: { a: { at: at(12), tugged: true, note: "" } },
    };
    const proof: Proof = {
      ...newProof(at(14), first),
      tests: {
        t: { sourceId: "demo-gen" as SourceId, startedAt: at(14), endedAt: at(15), outcome: "well", outdoorC: 31, loadsOn: "" },
        on: { sourceId: "gone" as SourceId, startedAt: at(16), endedAt: null, outcome: null, outdoorC: null, loadsOn: "" },
      },
    };
    const codes = rigHistory({ ...base, works: [work], proofs: [proof] }).filter(
      (e) => e.at >= at(11) && e.at <= at(16) && e.what.code !== "readings",
    );
    expect(codes.map((e) => e.what)).toEqual([
      { code: "test", source: "2.2 kW generator", well: true, minutes: 60 },
      { code: "powered" },
      { code: "steps", count: 1 },
      { code: "proved" },
    ]);
  });
});

describe("since the visit before", () => {
  it("is nothing for a unit with one visit", () => {
    expect(sinceLast(unit, base)).toBeNull();
  });

  it("sets the later readings beside the earlier ones, and names what was changed in the records", () => {
    const readings = [...base.readings, ...[1, 2, 3].map((k) => read(k, 40 + k / 10))];
    const found = sinceLast({ ...unit, updatedAt: "2029-07-01T00:00:00.000Z" }, { ...base, jobs: [...base.jobs, second], readings });
    expect(found?.study.start.verdict).toBe("higher");
    expect(found?.study.start.nowA).toBeCloseTo(40.2, 6);
    expect(found?.changed).toEqual(["unit"]);
  });
});

describe("looks that come", () => {
  it("are those of units handed over, soonest first, and what is past says so", () => {
    expect(comingLooks(base, "2027-01-01")).toEqual([]);
    const jobs = base.jobs.map((j) => (j.id === first.id ? { ...j, done: ["hand-over" as const] } : j));
    const looks = comingLooks({ ...base, jobs }, "2027-01-01");
    expect(looks.every((l) => l.unitId === "demo-front")).toBe(true);
    expect(looks.map((l) => l.day)).toEqual(looks.map((l) => l.day).toSorted());
    expect(looks.map((l) => l.overdue)).toEqual(looks.map((l) => l.day < "2027-01-01"));
    expect(looks.some((l) => l.overdue) && looks.some((l) => !l.overdue)).toBe(true);
  });
});
