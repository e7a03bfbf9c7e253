import type { AnyRecord, RecordKind } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { otherJob } from "./other-job.ts";

const all = demoRecords();
const of = <K extends RecordKind>(kind: K) =>
  all.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind && "rigId" in r && r.rigId === "demo-tin-lantern");
const [units, jobs] = [of("unit"), of("job")];
const front = jobs.find((j) => j.id === "demo-front-job")!;
const rear = jobs.find((j) => j.id === "demo-rear-job")!;

describe("the other unit of a rig", () => {
  it("is the next one, and round again to the first", () => {
    expect(otherJob({ job: front, jobs, units })?.job.id).toBe("demo-rear-job");
    expect(otherJob({ job: rear, jobs, units })?.unit.id).toBe(front.unitId);
  });

  it("is there with its newest job, and not where no other unit has one", () => {
    const later = { ...rear, id: "later" as typeof rear.id, createdAt: "2030-01-01T00:00:00.000Z" };
    expect(otherJob({ job: front, jobs: [...jobs, later], units })?.job.id).toBe("later");
    expect(otherJob({ job: front, jobs: [front], units })).toBeNull();
    expect(otherJob({ job: front, jobs, units: units.filter((u) => u.id === front.unitId) })).toBeNull();
  });
});
