import {
  type Job,
  type JobId,
  newFitLog,
  newJob,
  newLearning,
  newReading,
  type ReadingId,
  type RigId,
  type UnitId,
} from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import { airToday, fieldsBegun, likeToday, nextMode, readingSide, restCounted } from "./reading-side.view.ts";

const at = (hour: string): string => `2026-06-21T${hour}:00.000Z`;
const born = <Id extends string>(id: string, now: string) => ({ id: id as Id, now });
const job: Job = newJob(born<JobId>("job", at("09:00")), "rig" as RigId, "unit" as UnitId, "Fit");
const reading = newReading(born<ReadingId>("r", at("10:00")), job, "before", 62);
const work = newFitLog(at("10:00"), job);
const fresh = { job, jobs: [job], readings: [reading], learnings: [], works: [work] };

describe("the side of the next reading", () => {
  it("is before, as long as nothing says that the starter is in", () => {
    expect(readingSide(fresh)).toBe("before");
    const dead = {
      ...work,
      steps: { s: { at: at("11:00"), tugged: true, note: "" } },
      events: [{ at: at("10:30"), what: "powered" as const }],
    };
    expect(readingSide({ ...fresh, works: [dead] })).toBe("before");
    const other = { ...newJob(born<JobId>("other", at("08:00")), job.rigId, "another" as UnitId, "Fit"), done: ["hand-over" as const] };
    expect(readingSide({ ...fresh, jobs: [job, other] })).toBe("before");
  });

  it("is after once power is back on what was wired", () => {
    const wired = {
      ...work,
      steps: { s: { at: at("11:00"), tugged: true, note: "" } },
      events: [{ at: at("11:30"), what: "powered" as const }],
    };
    expect(readingSide({ ...fresh, works: [wired] })).toBe("after");
    expect(readingSide({ ...fresh, works: [{ ...wired, jobId: "other" as JobId }] })).toBe("before");
  });

  it("is after once there is a run, a reading after, or an earlier visit that was handed over", () => {
    const begun = { a: { at: at("12:01"), what: "start" as const, peakA: null, failed: false, by: "tap" as const } };
    const ended = { ...begun, b: { at: at("12:04"), what: "stop" as const, peakA: 21, failed: false, by: "tap" as const } };
    const learning = newLearning(at("12:00"), job);
    expect(readingSide({ ...fresh, learnings: [{ ...learning, events: begun }] })).toBe("before");
    expect(readingSide({ ...fresh, learnings: [{ ...learning, events: ended }] })).toBe("after");
    expect(readingSide({ ...fresh, readings: [reading, { ...reading, id: "s" as ReadingId, when: "after" }] })).toBe("after");
    const earlier = { ...newJob(born<JobId>("earlier", at("08:00")), job.rigId, job.unitId, "Fit"), done: ["hand-over" as const] };
    expect(readingSide({ ...fresh, jobs: [earlier, job] })).toBe("after");
  });
});

describe("what the next reading takes over", () => {
  const taken = (id: string, hour: string, change: Partial<typeof reading>) => ({
    ...reading,
    id: id as ReadingId,
    takenAt: at(hour),
    ...change,
  });
  const today = (iso: string): boolean => iso.startsWith("2026-06-21");

  it("is the air as read last today, whichever unit was read", () => {
    const other = taken("b", "11:00", { outdoorC: 31, jobId: "other" as JobId });
    expect(airToday([taken("a", "10:00", { outdoorC: 28 }), other, taken("c", "12:00", {})], today)).toBe(31);
    expect(airToday([{ ...other, takenAt: "2026-06-20T23:00:00.000Z" }], today)).toBeNull();
  });

  it("is the rest since the unit was told to be off, unless it was started since", () => {
    const [off, now] = [Date.parse(at("10:00")), Date.parse(at("10:06"))];
    expect(restCounted(off, [taken("a", "09:50", {})], now)).toBe(6);
    expect(restCounted(off, [taken("a", "10:02", {})], now)).toBeNull();
    expect(restCounted(off, [taken("a", "10:02", { mode: "live" })], now)).toBe(6);
    expect(restCounted(0, [], now)).toBeNull();
    expect(restCounted(off, [], Date.parse(at("13:00")))).toBeNull();
  });
});

describe("how the meter is set for the next reading", () => {
  const read = (mode: "inrush" | "live" | "max-hold", when: "before" | "after" = "before") => ({ mode, when });
  const three = [read("max-hold"), read("max-hold"), read("max-hold")];

  it("is as for the last start until enough are read, then running once, then as for a start again", () => {
    expect(nextMode(three.slice(1), "before", "max-hold")).toBe("max-hold");
    expect(nextMode(three, "before", "max-hold")).toBe("live");
    expect(nextMode([...three, read("live")], "before", "max-hold")).toBe("max-hold");
  });

  it("counts its own side alone", () => {
    expect(nextMode(three, "after", "max-hold")).toBe("max-hold");
    expect(nextMode([...three, read("live", "after")], "before", "inrush")).toBe("live");
  });
});

describe("the first reading of a unit", () => {
  it("takes meter and source over from the rig’s latest of today, and nothing from the day before", () => {
    const older = { ...newReading(born<ReadingId>("older", at("10:00")), job, "before", 60), meter: "old one" };
    const newer = { ...newReading(born<ReadingId>("newer", at("12:00")), job, "before", 60), meter: "clamp two" };
    expect(likeToday([newer, older], (iso) => iso.startsWith("2026-06-21"))?.meter).toBe("clamp two");
    expect(likeToday([newer, older], (iso) => iso.startsWith("2026-06-22"))).toBeNull();
  });

  it("begins with the other unit’s meter and air of that day alone, its own last reading before both", () => {
    const other = { ...reading, jobId: "other" as JobId, meter: "clamp two", outdoorC: 31 };
    const begun = (readings: readonly (typeof reading)[], dayMs: number) => fieldsBegun(job, readings, "before", "si", dayMs);
    const sameDay = Date.parse(reading.takenAt);
    expect(begun([other], sameDay)).toMatchObject({ meter: "clamp two", outdoor: "31", amps: "", mode: "inrush" });
    expect(begun([other], sameDay + 48 * 3_600_000)).toMatchObject({ meter: "", outdoor: "" });
    expect(begun([other, { ...reading, meter: "own", conductor: "run" }], sameDay)).toMatchObject({ meter: "own", conductor: "run" });
  });
});
