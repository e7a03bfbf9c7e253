import { hasSize } from "@amp-saver/cases";
import { READING_PARAMS } from "@amp-saver/core/study/reading";
import { newFitLog, newWiring, STAGES, type Stage } from "@amp-saver/records";
import type { JobBundle } from "../store/queries.ts";
import { closingState, powerOnWired, undoneSteps } from "./fit/fit.view.ts";
import { earlierVisit } from "./history/history.view.ts";
import { learnView } from "./learn/learn.view.ts";
import { planView } from "./prepare/wiring.view.ts";
import { resultProof } from "./prove/proof.view.ts";
import { readingSide } from "./prove/reading-side.view.ts";

/** What tells how far a job has come. */
export type StageRecords = Pick<
  JobBundle,
  "job" | "jobs" | "unit" | "starters" | "wirings" | "readings" | "works" | "learnings" | "proofs"
>;

/** Where a stage stands: done, the next to do, waiting for an earlier one, not needed on this job, or open. */
export type StageState = "done" | "next" | "waiting" | "not-needed" | "open";

export interface StageLine {
  readonly stage: Stage;
  readonly state: StageState;
  /** The stage it waits for; null where it waits for none. */
  readonly waitsFor: Stage | null;
}

/** The next act on a job, why, and where it is done. */
export type NextAct = { readonly stage: Stage; readonly part?: string } & (
  | {
      readonly code:
        | "plate"
        | "source"
        | "check"
        | "choose"
        | "look"
        | "plan"
        | "isolate"
        | "power"
        | "learn"
        | "after"
        | "proof"
        | "hand-over";
    }
  /** Readings, steps, or things to close that are left. */
  | { readonly code: "before" | "wire" | "close"; readonly left: number }
);

/** All stages of a job, and the next act; null where nothing is left to do. */
export interface StageView {
  readonly lines: readonly StageLine[];
  readonly next: NextAct | null;
  /** True where it works as found, and nothing has to be fitted. */
  readonly worksAsFound: boolean;
}

/** What a stage cannot begin without. */
const WAITS: Readonly<Partial<Record<Stage, Stage>>> = {
  check: "survey",
  choose: "check",
  fit: "isolate",
  learn: "fit",
  prove: "fit",
  "hand-over": "prove",
};

/** On a later visit to a unit whose starter is in, these alone are done again. */
const VISIT: readonly Stage[] = ["prove", "hand-over"];

/** What somebody may have done without noting it. */
const UNNOTED: readonly Stage[] = ["prepare", "isolate", "fit"];

/** How far a job has come by what is on record, and what comes next. */
export function stageView(records: StageRecords): StageView {
  const { job, jobs } = records;
  const acts = actsOf(records);
  const visit = earlierVisit(job, jobs) !== null;
  const begun = job.starterId != null || records.wirings.some((w) => w.unitId === job.unitId) || acts.readBefore > 0 || acts.fitted;
  const worksAsFound = !visit && !begun && job.method === "as-found" && job.answer?.fit === "fits" && !job.answer.provisional;
  // What was fitted and read without noting how is told by its readings: those steps are open, and not the next to do.
  const passed = (stage: Stage): boolean =>
    acts.fitted && !acts.noted && (UNNOTED.includes(stage) || (stage === "learn" && acts.readAfter > 0));
  const needed = (stage: Stage): boolean => {
    if (visit) return VISIT.includes(stage);
    if (worksAsFound) return stage === "survey" || stage === "check";
    return stage !== "before" || !acts.fitted;
  };
  const done = (stage: Stage): boolean => acts.open[stage] === null || job.done.includes(stage);
  const first = STAGES.find((s) => needed(s) && !passed(s) && !done(s));
  return {
    worksAsFound,
    next: first === undefined ? null : acts.open[first],
    lines: STAGES.map((stage): StageLine => {
      if (visit && !needed(stage)) return { stage, state: "not-needed", waitsFor: null };
      if (done(stage)) return { stage, state: "done", waitsFor: null };
      if (!needed(stage)) return { stage, state: "not-needed", waitsFor: null };
      if (stage === first) return { stage, state: "next", waitsFor: null };
      const waitsFor = WAITS[stage];
      return waitsFor !== undefined && needed(waitsFor) && !passed(waitsFor) && !done(waitsFor)
        ? { stage, state: "waiting", waitsFor }
        : { stage, state: "open", waitsFor: null };
    }),
  };
}

/** What is left to do at each stage; null where nothing is. */
function actsOf(records: StageRecords) {
  const { job, unit, starters, wirings, readings, works, learnings } = records;
  const wiring = wirings.find((w) => w.unitId === unit.id);
  const plan = planView(
    wiring ?? newWiring(unit.createdAt, unit),
    starters.find((s) => s.id === job.starterId),
  );
  const work = works.find((w) => w.jobId === job.id) ?? newFitLog(job.createdAt, job);
  const starts = readings.filter((r) => r.jobId === job.id && r.mode !== "live");
  const readBefore = starts.filter((r) => r.when === "before").length;
  const steps = undoneSteps(plan, work).length;
  const { open, screws } = closingState(work);
  const { state } = learnView(job, learnings, 0);
  const frozen = resultProof(records)?.frozen != null;
  const fit = (): NextAct | null => {
    if (steps > 0 || !plan.plan.ok) return { stage: "fit", part: "wire", code: "wire", left: steps };
    if (!powerOnWired(work)) return { stage: "fit", part: "power", code: "power" };
    return open > 0 || screws !== 0 ? { stage: "fit", part: "close", code: "close", left: open + Math.abs(screws) } : null;
  };
  const survey = (): NextAct | null => {
    if (!hasSize(unit)) return { stage: "survey", code: "plate" };
    return job.sourceId === null ? { stage: "survey", code: "source" } : null;
  };
  const prepare = (): NextAct | null => {
    if (wiring === undefined) return { stage: "prepare", part: "found", code: "look" };
    return plan.plan.ok ? null : { stage: "prepare", part: "plan", code: "plan" };
  };
  const prove = (): NextAct | null => {
    if (frozen) return null;
    return starts.some((r) => r.when === "after")
      ? { stage: "prove", part: "proof", code: "proof" }
      : { stage: "prove", part: "after", code: "after" };
  };
  const left = READING_PARAMS.wanted.value - readBefore;
  const perStage: Readonly<Record<Stage, NextAct | null>> = {
    survey: survey(),
    check: job.answer === null || job.answer.provisional ? { stage: "check", code: "check" } : null,
    choose: job.starterId == null && job.method === "as-found" ? { stage: "choose", code: "choose" } : null,
    prepare: prepare(),
    before: left > 0 ? { stage: "before", code: "before", left } : null,
    isolate: work.events.some((e) => e.what === "proved") ? null : { stage: "isolate", code: "isolate" },
    fit: fit(),
    learn: state.now.phase === "done" ? null : { stage: "learn", code: "learn" },
    prove: prove(),
    "hand-over": { stage: "hand-over", code: "hand-over" },
  };
  return {
    open: perStage,
    readBefore,
    readAfter: starts.length - readBefore,
    fitted: readingSide(records) === "after",
    noted: Object.keys(work.steps).length > 0,
  };
}
