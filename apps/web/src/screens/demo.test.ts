import { conditionsOf, startCase } from "@amp-saver/cases";
import { againstExpected, predictReadings, studyProof } from "@amp-saver/core/study/proof";
import { type AirConditioner, type AnyRecord, type Job, type RecordKind, type Rig, readRigFile, writeRigFile } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { closingState, mountingOf, undoneSteps } from "./fit/fit.view.ts";
import { fittedOn, fittingOf } from "./hand-over/hand-over.view.ts";
import { comingLooks, earlierVisit, sinceVisit } from "./history/history.view.ts";
import { ownRecord } from "./home/statistics.view.ts";
import { learnView } from "./learn/learn.view.ts";
import { builtView } from "./prepare/built.view.ts";
import { planView, windingsOf } from "./prepare/wiring.view.ts";
import { proofInput, thaw } from "./prove/proof.view.ts";

const records = demoRecords().filter((r) => "rigId" in r && r.rigId === "demo-heron-post");
const of = <K extends RecordKind>(kind: K) => records.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind);
const rig = demoRecords().find((r): r is Rig => r.id === "demo-heron-post" && r.kind === "rig")!;
const unit = of("unit")[0] as AirConditioner;
const job = of("job").find((j) => j.id === "demo-hatch-job") as Job;
const starter = demoRecords().find((r) => r.kind === "starter" && r.id === job.starterId) as Parameters<typeof planView>[1];

describe("the demo’s job that was handed over", () => {
  it("has every step of its own plan done, and none that is not in it", () => {
    const view = planView(of("wiring")[0]!, starter);
    const work = of("work")[0]!;
    expect(view.plan.ok).toBe(true);
    expect(undoneSteps(view, work)).toEqual([]);
    expect(Object.keys(work.steps).length).toBe(view.groups.length);
    expect(mountingOf(work)).toEqual({ against: [], open: [] });
    expect(closingState(work)).toEqual({ open: 0, screws: 0 });
    expect(windingsOf(of("wiring")[0]!)?.ok).toBe(true);
  });

  it("learned from five runs that settled, one after the other with rest between", () => {
    const { state } = learnView(job, of("learning"), Date.parse("2025-04-26T19:00:00.000Z"));
    expect(state).toMatchObject({ counted: 5, settled: true });
  });

  it("shows the frozen proof again, with nothing added since", () => {
    const input = proofInput({ job, rig, unit, readings: of("reading"), learnings: of("learning"), proofs: of("proof") }, null);
    const { study, same, since } = thaw(of("proof")[0]!.frozen!, input);
    expect([same, since, study.readings.verdict]).toEqual([true, false, "as-expected"]);
    expect(study.readings.start?.reduction).toBeCloseTo(1 - 17.5 / 46.3, 12);
  });

  it("says of the later visit when it was fitted, and counts its looks from the visit", () => {
    const later = of("job").find((j) => j.id !== job.id)!;
    const { job: fitting, work } = fittingOf(later, of("job"), of("work"));
    expect([fitting.id, work?.jobId]).toEqual([job.id, job.id]);
    expect(fittedOn(fitting, work, of("reading"))).toBe("2025-04-26T17:14:00.000Z");
    expect(fittingOf(later, of("job"), []).job.id).toBe(job.id);
    expect(fittingOf(later, [later], []).job.id).toBe(later.id);
    expect(fittingOf(later, of("job"), [{ ...work!, events: work!.events.filter((e) => e.what !== "powered") }]).job.id).toBe(job.id);
    const plan = planView(of("wiring")[0]!, starter);
    expect(builtView(of("wiring")[0]!, plan, work)).toMatchObject({ faults: [], unconfirmed: [], otherwise: [], asPlanned: true });
    expect(builtView(of("wiring")[0]!, plan, { ...work!, steps: {} })!.unconfirmed.length).toBeGreaterThan(3);
    const blocked = { ...of("wiring")[0]!, family: "FM" as const };
    const none = planView(blocked, undefined);
    expect([none.plan.ok, builtView(blocked, none, work)]).toEqual([false, null]);
    const looks = comingLooks(
      { jobs: of("job"), works: [{ ...work!, mounting: { ...work!.mounting, fastening: "screws" } }], readings: of("reading") },
      "2026-05-01",
    );
    expect(looks.map((l) => [l.what, l.day])).toEqual([["yearly", "2027-04-25"]]);
  });

  it("starts a year later as it did, and took under an hour between dead and power", () => {
    const later = of("job").find((j) => j.id !== job.id)!;
    expect(earlierVisit(later, of("job"))).toBe(job);
    const { start, running } = sinceVisit(job, later, of("reading"), unit);
    expect([start.verdict, running.verdict]).toEqual(["alike", "alike"]);
    expect(ownRecord(of("job"), [unit], of("reading"), of("work")).fitMinutes?.middle).toBe(56);
  });
});

describe("the demo’s units with a starter in", () => {
  const all = demoRecords();
  const kind = <K extends RecordKind>(name: K) => all.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === name);
  const readings = kind("reading");
  const fitted = kind("job").filter(
    (j) => readings.some((r) => r.jobId === j.id && r.when === "before") && kind("work").some((w) => w.jobId === j.id),
  );

  it("have every record of the work behind them, and readings that the model expects", () => {
    expect(fitted.map((j) => j.id)).toEqual(["demo-front-job", "demo-hatch-job"]);
    for (const j of fitted) {
      const its = { rig: kind("rig").find((r) => r.id === j.rigId)!, unit: kind("unit").find((u) => u.id === j.unitId)! };
      const own = readings.filter((r) => r.jobId === j.id);
      const plan = planView(
        kind("wiring").find((w) => w.unitId === j.unitId)!,
        kind("starter").find((s) => s.id === j.starterId),
      );
      expect(undoneSteps(plan, kind("work").find((w) => w.jobId === j.id)!)).toEqual([]);
      const { state } = learnView(j, kind("learning"), Date.parse("2026-07-01T00:00:00.000Z"));
      expect(state).toMatchObject({ counted: 5, settled: true });
      const source = kind("source").find((s) => s.id === own[0]!.sourceId)!;
      const conditions = { ...conditionsOf(its.rig, j, kind("starter")), otherLoadsA: 0, outdoorC: own[0]!.outdoorC! };
      const [asFound, soft] = (["as-found", "soft"] as const).map((way) => startCase(its.unit, source, way, conditions));
      if (!asFound?.ok || !soft?.ok) throw new Error("a demo job cannot be asked about");
      const predicted = predictReadings(asFound.given, soft.given, own[0]!.mode, "common");
      const study = studyProof({
        ...proofInput({ job: j, ...its, readings, learnings: kind("learning"), proofs: [] }, predicted),
      });
      expect([j.id, study.before, study.after, study.running]).toEqual([j.id, "same", "same", "same"]);
      const last = state.peaksA.at(-1)!;
      expect([j.id, againstExpected(last, predicted.afterA, predicted.expected?.after)]).toEqual([j.id, "same"]);
    }
  });
});

describe("the demo", () => {
  it("is a rig file that reads back as it was", () => {
    const read = readRigFile(writeRigFile(demoRecords(), "2026-06-21T18:41:00.000Z", "0.1.0"));
    expect(read.ok && read.value.records).toEqual(demoRecords());
  });
});
