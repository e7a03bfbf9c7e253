import {
  type AirConditioner,
  type Job,
  type JobId,
  newFitLog,
  newJob,
  newProof,
  newReading,
  type Proof,
  type Reading,
  type ReadingId,
  type SourceId,
} from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { proveView } from "../prove/prove.view.ts";
import { comingLooks, earlierVisit, rigHistory, sinceLast, sinceVisit, visitView } from "./history.view.ts";

const all = demoRecords();
const of = <K extends string>(kind: K) => all.filter((r) => r.kind === kind && "rigId" in r && r.rigId === "demo-tin-lantern") as never[];
const base = {
  units: of("unit") as AirConditioner[],
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

const handedOver = base.jobs.map((j) => (j.id === first.id ? { ...j, done: ["hand-over" as const] } : j));

describe("what was done on a rig", () => {
  it("is told from its records, latest first, readings of one day and side as one", () => {
    const events = rigHistory(base);
    expect(events.map((e) => e.at)).toEqual(
      events
        .map((e) => e.at)
        .toSorted()
        .toReversed(),
    );
    const counted = events.map(({ what }) => (what.code === "readings" ? what.count : 0));
    expect(counted.reduce((sum, n) => sum + n, 0)).toBe(base.readings.length);
    expect(events.filter((e) => e.what.code === "begun").length).toBe(2);
  });

  it("tells when a job was handed over, where that was kept", () => {
    const jobs = handedOver.map((j) => (j.id === first.id ? { ...j, handedOverAt: "2029-06-02T16:40:00.000Z" } : j));
    const told = rigHistory({ ...base, jobs }).filter((e) => e.what.code === "handed-over");
    expect(told).toEqual([{ at: "2029-06-02T16:40:00.000Z", jobId: first.id, unitId: first.unitId, what: { code: "handed-over" } }]);
    expect(rigHistory({ ...base, jobs: handedOver }).some((e) => e.what.code === "handed-over")).toBe(false);
  });

  it("gives the middle that the proof gives, and what the proof leaves out by itself", () => {
    const told = rigHistory(base).flatMap(({ what }) => (what.code === "readings" && !what.live ? [what] : []));
    const { start, leftOut } = proveView(base.readings, unit).study;
    expect(told.filter((t) => t.counts).map((t) => [t.when, t.count, t.middleA])).toEqual([
      ["after", start!.after.count, start!.after.medianA],
      ["before", start!.before.count, start!.before.medianA],
    ]);
    expect(told.filter((t) => !t.counts).map((t) => [t.when, t.count, t.middleA])).toEqual([["before", leftOut.length, 41]]);
  });

  it("mixes no readings of two wires, with or without a proof", () => {
    const before = base.readings.filter((r) => r.when === "before" && r.mode !== "live");
    const told = rigHistory({ ...base, readings: before }).flatMap(({ what }) => (what.code === "readings" ? [what] : []));
    expect(told.map((t) => [t.count, t.middleA]).toSorted()).toEqual([
      [1, 41],
      [3, 62.6],
    ]);
  });

  it("names every proof of dead, every power, every run on a source", () => {
    const at = (hour: number): string => `2026-06-21T${hour}:00:00.000Z`;
    const work = {
      ...newFitLog(at(10), first),
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
    const asked = { ...second, id: "asked" as JobId, createdAt: "2028-06-02T09:00:00.000Z" };
    const edited = { ...unit, updatedAt: "2029-07-01T00:00:00.000Z" };
    const found = sinceLast(edited, { ...base, jobs: [...handedOver, asked, second], readings });
    expect([found?.earlier.id, found?.later.id]).toEqual([first.id, second.id]);
    expect(sinceLast(edited, { ...base, jobs: [...base.jobs, second], readings })).toBeNull();
    expect(found?.study.start.verdict).toBe("higher");
    expect(found?.study.start.nowA).toBeCloseTo(40.2, 6);
    expect(found?.changed).toEqual(["unit"]);
  });
});

describe("a visit beside the one before", () => {
  it("is the latest that was handed over before, of the same unit", () => {
    expect(earlierVisit(second, base.jobs)).toBeNull();
    expect(earlierVisit(second, handedOver)?.id).toBe(first.id);
    expect(earlierVisit(first, handedOver)).toBeNull();
    expect(earlierVisit({ ...second, unitId: "demo-rear" as Job["unitId"] }, handedOver)).toBeNull();
  });

  it("shows what the readings after gave then on one side and now on the other, and no reading from before the work", () => {
    const readings = [...base.readings, ...[1, 2, 3].map((k) => read(k, 22 + k / 10)), { ...read(4, 60), when: "before" as const }];
    const { study, before, after, alike } = visitView(first, second, readings, unit);
    expect([study.start?.before.medianA, study.start?.after.medianA]).toEqual([21.8, 22.2]);
    expect(before.map((r) => r.amps).toSorted()).toEqual([21.4, 21.8, 22.3]);
    expect(after.length).toBe(3);
    expect(study.start?.reduction).toBeCloseTo(-(sinceVisit(first, second, readings, unit).start.change ?? 0), 12);
    expect(alike.find((row) => row.what === "conductor")?.alike).toBe("equal");
  });
});

describe("looks that come", () => {
  it("are those of units handed over, soonest first, and what is past says so", () => {
    expect(comingLooks(base, "2027-01-01")).toEqual([]);
    const looks = comingLooks({ ...base, jobs: handedOver }, "2027-01-01");
    expect(looks.every((l) => l.unitId === "demo-front")).toBe(true);
    expect(looks.map((l) => l.day)).toEqual(looks.map((l) => l.day).toSorted());
    expect(looks.map((l) => l.overdue)).toEqual(looks.map((l) => l.day < "2027-01-01"));
    expect(looks.some((l) => l.overdue) && looks.some((l) => !l.overdue)).toBe(true);
  });
});
