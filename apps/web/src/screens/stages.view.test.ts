import {
  type AirConditioner,
  type FitLog,
  type Job,
  type JobId,
  type Learning,
  newFitLog,
  newJob,
  newLearning,
  newReading,
  newWiring,
  type Proof,
  type ReadingId,
  STAGES,
  type Stage,
} from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { nextWords, STAGE_WORDS, stageStateWords } from "../words/stages.ts";
import { closingList, stepKey } from "./fit/fit.view.ts";
import { planView } from "./prepare/wiring.view.ts";
import { type StageRecords, stageView } from "./stages.view.ts";

const at = (hour: string): string => `2031-06-21T${hour}:00.000Z`;
const unit = demoRecords().find((r): r is AirConditioner => r.id === "demo-rear")!;
const bare: Job = newJob({ id: "job" as JobId, now: at("09:00") }, unit.rigId, unit.id, "Fit");
const answer: Job["answer"] = {
  fit: "too-much",
  provisional: false,
  decides: "start",
  spareA: -20,
  tries: 1000,
  holds: 4,
  sourceId: "demo-gen" as NonNullable<Job["answer"]>["sourceId"],
  method: "as-found",
  at: at("09:10"),
  coreVersion: "0",
};
const job: Job = { ...bare, sourceId: answer!.sourceId, answer, starterId: "demo-starter-roof" as Job["starterId"] };
const starters = demoRecords().filter((r) => r.kind === "starter");
const wiring = { ...newWiring(at("09:20"), unit) };
const plan = planView(
  wiring,
  starters.find((s) => s.id === job.starterId),
);
const read = (n: number, when: "before" | "after") =>
  newReading({ id: `${when} ${n}` as ReadingId, now: at("10:00") }, job, when, when === "before" ? 60 : 20);
const three = (when: "before" | "after") => [1, 2, 3].map((n) => read(n, when));
const proved: FitLog = { ...newFitLog(at("10:30"), job), events: [{ at: at("10:30"), what: "proved" }] };
const ticks = Object.fromEntries(plan.groups.map((g) => [stepKey(g), { at: at("11:00"), tugged: true, note: "" }]));
const wired: FitLog = { ...proved, steps: ticks };
const powered: FitLog = { ...wired, events: [...wired.events, { at: at("11:30"), what: "powered" }] };
const closed: FitLog = { ...powered, closing: Object.fromEntries(closingList(powered).map((c) => [c, true])) };
const rule = newLearning(at("12:00"), job).rule;
const event = (what: "start" | "stop", ms: number, peakA: number | null): Learning["events"][string] => ({
  what,
  at: new Date(ms).toISOString(),
  peakA,
  failed: false,
  by: "tap",
});
const learnt: Learning = {
  ...newLearning(at("12:00"), job),
  events: Object.fromEntries(
    Array.from({ length: rule.runs }, (_, k) => k).flatMap((k) => {
      const begins = Date.parse(at("12:00")) + k * (rule.runS + rule.restS) * 1000;
      return [
        [`${begins} start`, event("start", begins, null)],
        [`${begins} stop`, event("stop", begins + rule.runS * 1000, 20)],
      ];
    }),
  ),
};
const kept = { ...demoRecords().find((r): r is Proof => r.kind === "proof" && r.frozen !== null)!, jobId: job.id };
const all: StageRecords = {
  job,
  jobs: [job],
  unit,
  starters,
  wirings: [wiring],
  readings: [...three("before"), ...three("after")],
  works: [closed],
  learnings: [learnt],
  proofs: [kept],
};
const { lockedRotorA: _l, ratedLoadA: _r, coolingW: _c, ...unread } = unit;

/** A job that grows: what is on record, and the act that comes next. */
const WALK: readonly [Partial<StageRecords>, string, Stage][] = [
  [{ job: bare, unit: unread as AirConditioner }, "plate", "survey"],
  [{ job: bare }, "source", "survey"],
  [{ job: { ...bare, sourceId: job.sourceId } }, "check", "check"],
  [{ job: { ...bare, sourceId: job.sourceId, answer: { ...answer!, provisional: true } } }, "check", "check"],
  [{ job: { ...bare, sourceId: job.sourceId, answer } }, "choose", "choose"],
  [{ job }, "look", "prepare"],
  [{ wirings: [wiring] }, "before", "before"],
  [{ readings: three("before") }, "isolate", "isolate"],
  [{ works: [proved] }, "wire", "fit"],
  [{ works: [wired] }, "power", "fit"],
  [{ works: [powered] }, "close", "fit"],
  [{ works: [closed] }, "learn", "learn"],
  [{ learnings: all.learnings }, "after", "prove"],
  [{ readings: all.readings }, "proof", "prove"],
  [{ proofs: [kept] }, "hand-over", "hand-over"],
];

describe("what is next on a job", () => {
  it("walks from the plate to the hand-over by what is on record, each act with its sentence", () => {
    let now: StageRecords = { ...all, wirings: [], readings: [], works: [], learnings: [], proofs: [] };
    for (const [change, code, stage] of WALK) {
      now = { ...now, unit, ...change, jobs: [change.job ?? now.job] };
      const view = stageView(now);
      expect([view.next?.code, view.next?.stage]).toEqual([code, stage]);
      expect(view.lines.find((l) => l.state === "next")?.stage).toBe(stage);
      const words = nextWords(view)
        .map((p) => p.text)
        .join("");
      expect(words).toMatch(/^[A-Z].*\.$/);
      expect(words).not.toMatch(/undefined|NaN/);
    }
    const done: Job = { ...job, done: ["hand-over"] };
    expect(stageView({ ...all, job: done, jobs: [done] }).next).toBeNull();
  });

  it("takes a start method that was picked for a choice, though no starter of the catalog is named", () => {
    const picked: Job = { ...job, starterId: null, method: "soft" };
    expect(stageView({ ...all, job: picked, jobs: [picked] }).lines.find((l) => l.stage === "choose")?.state).toBe("done");
  });

  it("counts what is left: readings, and steps of the plan", () => {
    expect(stageView({ ...all, readings: [read(1, "before")], works: [], learnings: [], proofs: [] }).next).toMatchObject({
      code: "before",
      left: 2,
    });
    expect(stageView({ ...all, readings: three("before"), works: [proved], learnings: [], proofs: [] }).next).toMatchObject({
      code: "wire",
      left: plan.groups.length,
    });
  });

  it("asks for nothing more where it starts as found, until somebody begins to fit", () => {
    const fine: Job = { ...bare, sourceId: job.sourceId, answer: { ...answer!, fit: "fits" } };
    const view = stageView({ ...all, job: fine, jobs: [fine], wirings: [], readings: [], works: [], learnings: [], proofs: [] });
    expect([view.next, view.worksAsFound]).toEqual([null, true]);
    expect(view.lines.filter((l) => l.state === "not-needed").map((l) => l.stage)).toEqual(STAGES.slice(2));
    expect(stageView({ ...all, job: fine, jobs: [fine], readings: [], works: [], learnings: [], proofs: [] }).next?.code).toBe("choose");
  });

  it("says what waits for what, and needs no before readings once the starter is in", () => {
    const lines = stageView({ ...all, readings: [], works: [], learnings: [], proofs: [] }).lines;
    const said = lines.map((l) => `${STAGE_WORDS[l.stage]} ${stageStateWords(l)}`.trim());
    expect(said).toEqual([
      "Survey done",
      "Check done",
      "Choose done",
      "Prepare done",
      "Before next",
      "Isolate",
      "Fit after Isolate",
      "Learn after Fit",
      "Prove after Fit",
      "Hand over after Prove",
    ]);
    const late = stageView({ ...all, readings: three("after") });
    expect(late.lines.find((l) => l.stage === "before")?.state).toBe("not-needed");
  });

  it("asks for no step that was done without noting it, once readings with the starter in are there", () => {
    const view = stageView({ ...all, wirings: [], works: [], learnings: [], proofs: [] });
    expect(view.next).toMatchObject({ stage: "prove", code: "proof" });
    const open = view.lines.filter((l) => l.state === "open").map((l) => l.stage);
    expect(open).toEqual(["prepare", "isolate", "fit", "learn"]);
  });

  it("is a reading and a hand-over on a later visit", () => {
    const earlier: Job = { ...job, id: "earlier" as JobId, createdAt: at("08:00"), done: ["hand-over"] };
    const visit: Job = { ...bare, id: "visit" as JobId };
    const view = stageView({ ...all, job: visit, jobs: [earlier, visit], proofs: [] });
    expect(view.next).toMatchObject({ stage: "prove", code: "after" });
    expect(view.lines.filter((l) => l.state === "not-needed").map((l) => l.stage)).toEqual(STAGES.slice(0, 8));
  });
});
