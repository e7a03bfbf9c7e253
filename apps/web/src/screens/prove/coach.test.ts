import { type JobId, newJob, newReading, type ReadingId, type RigId, type UnitId } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { coachView, proveView } from "./prove.view.ts";

const unit = demoRecords().find((r) => r.kind === "unit")!;
const at = (minute: number): string => new Date(Date.UTC(2026, 5, 21, 10, minute)).toISOString();
const job = newJob({ id: "job" as JobId, now: at(0) }, "rig" as RigId, "unit" as UnitId, "Fit");
const start = (minute: number) => newReading({ id: `r${minute}` as ReadingId, now: at(minute) }, job, "before", 62);
const live = { ...start(30), id: "live" as ReadingId, mode: "live" as const };
const restedAt = (readings: Parameters<typeof coachView>[0], offMs: number): string | null => {
  const { restedMs } = coachView(readings, "before", offMs, proveView(readings, unit));
  return restedMs === null ? null : new Date(restedMs).toISOString();
};

describe("the rest before the next start", () => {
  it("is not known before anything ran", () => {
    expect(restedAt([], 0)).toBeNull();
  });

  it("is counted from the last start's reading, not from running amps read later", () => {
    expect(restedAt([start(5), live], 0)).toBe(at(8));
  });

  it("is counted from when it was off where that was told after the reading, and not where it was told before", () => {
    expect(restedAt([start(5)], Date.parse(at(9)))).toBe(at(12));
    expect(restedAt([start(5)], Date.parse(at(2)))).toBe(at(8));
    expect(restedAt([], Date.parse(at(2)))).toBe(at(5));
  });

  it("asks for three starts on a side, and for no more than are missing", () => {
    const wanted = (readings: Parameters<typeof coachView>[0]): number =>
      coachView(readings, "before", 0, proveView(readings, unit)).wanted;
    expect(wanted([])).toBe(3);
    expect(wanted([start(5), start(10), live])).toBe(1);
  });
});
