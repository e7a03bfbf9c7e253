import { itemAt } from "@amp-saver/core/quantity";
import {
  conduct,
  interleave,
  LEARNING_RULES,
  type LearningRule,
  RULE_BOUNDS,
  type RunEvent,
  type RunState,
} from "@amp-saver/core/study/learning-runs";
import { type Against, againstExpected } from "@amp-saver/core/study/proof";
import type { Range } from "@amp-saver/core/study/reading";
import { judgeWaiting, type WaitingStudy } from "@amp-saver/core/study/waiting";
import {
  type AirConditioner,
  type Job,
  type Learning,
  newLearning,
  type Reading,
  RULE_SOURCES,
  type Source,
  type Starter,
} from "@amp-saver/records";

/** Limits of each figure of a rule. */
export const RULE_LIMITS = { ...RULE_BOUNDS, mostRuns: RULE_BOUNDS.runs } as const;

/** The rule a sheet's entry begins with. */
export const USUAL_RULE: LearningRule = LEARNING_RULES["five-five"];

/** One job's learning as it stands. */
export interface LearnView {
  readonly learning: Learning;
  readonly state: RunState;
  /** When the first run began, ms; null before it. */
  readonly begunMs: number | null;
}

/** Events in the order they were told, which survives a clock that was set back. */
export function eventsOf(learning: Learning): RunEvent[] {
  return Object.entries(learning.events)
    .toSorted(([a], [b]) => a.localeCompare(b))
    .map(([, event]) => ({ ...event, at: Date.parse(event.at) }));
}

/** A key under which the next event sorts last. */
export function nextEventKey(learning: Learning, id: string): string {
  return `${String(Object.keys(learning.events).length).padStart(4, "0")} ${id}`.slice(0, 100);
}

/** Keys of the events that ended the counted runs, in their order; each peak may be typed in afterwards. */
export function stopKeys(learning: Learning, { countedAt }: Pick<RunState, "countedAt">): readonly string[] {
  const keys = Object.keys(learning.events).toSorted();
  return countedAt.map((place) => itemAt(keys, place));
}

/** Where a job's learning stands at a moment. */
export function learnView(job: Job, learnings: readonly Learning[], nowMs: number): LearnView {
  const learning = learnings.find((l) => l.jobId === job.id) ?? newLearning(job.createdAt, job);
  const events = eventsOf(learning);
  return { learning, state: conduct(learning.rule, events, nowMs), begunMs: events.find((e) => e.what === "start")?.at ?? null };
}

/** How the last peak of a settled row stands to what is expected of it. */
export function lastAgainst({ state }: LearnView, range: Range): { readonly lastA: number; readonly how: Against } | null {
  const lastA = state.settled === true ? state.peaksA.findLast((p) => p !== null) : undefined;
  return lastA == null ? null : { lastA, how: againstExpected(lastA, range.middle, range) };
}

/** The source it learns on: as picked, else where the readings were taken, else shore power, else the job's. */
export function learningSource({ job, sources, readings }: LearningRecords, { sourceId }: Learning): Source | undefined {
  const read = readings.findLast((r) => r.jobId === job.id && r.sourceId !== null)?.sourceId;
  const by = (id: string | null | undefined): Source | undefined => sources.find((s) => s.id === id);
  return by(sourceId) ?? by(read) ?? sources.find((s) => s.type === "shore") ?? by(job.sourceId);
}

/** Jobs of the rig's other units that this one may take turns with: each unit's newest that is not handed over. */
export function turnMates(job: Job, jobs: readonly Job[]): readonly Job[] {
  const open = jobs.filter((j) => j.unitId !== job.unitId && j.handedOverAt === undefined);
  return open.filter((j) => !open.some((k) => k.unitId === j.unitId && k.createdAt > j.createdAt));
}

/** Whether a source has an eco mode, or may have one. */
export const mayEco = (source: Source | undefined): boolean =>
  source === undefined || source.type === "generator" || source.type === "inverter-generator";

/** Whether the first run waits for its answers: the source is strong, and eco mode off where there is one. */
export function isHeld({ learning, state }: LearnView, source: Source | undefined): boolean {
  return state.counted + state.failed === 0 && !(learning.strongSource && (learning.ecoOff || !mayEco(source)));
}

interface LearningRecords {
  readonly job: Job;
  readonly sources: readonly Source[];
  readonly readings: readonly Reading[];
}

/** Runs that are still to come by the rule's least count. */
function runsLeft({ learning, state }: LearnView): number {
  if (state.now.phase === "done") return 0;
  return Math.max(1, learning.rule.runs - state.counted) - (state.now.phase === "running" ? 1 : 0);
}

/** Order of the runs still to come over the units that take turns, from now. */
export function turns(views: readonly LearnView[], nowMs: number) {
  const runningEnds = Math.max(0, ...views.map(({ state }) => (state.now.phase === "running" ? (state.now.untilMs - nowMs) / 1000 : 0)));
  const plan = interleave(
    views.map((view) => {
      const { learning, state } = view;
      const restEnds =
        state.now.phase === "resting"
          ? (state.now.untilMs - nowMs) / 1000
          : state.now.phase === "running"
            ? (state.now.untilMs - nowMs) / 1000 + learning.rule.restS
            : 0;
      return { id: learning.jobId, rule: learning.rule, runs: runsLeft(view), readyS: Math.max(runningEnds, restEnds, 0) };
    }),
  );
  return { ...plan, next: plan.runs[0] ?? null, totalS: Math.max(plan.totalS, runningEnds) };
}

export type Rule = LearningRule;

/** A rule with one figure changed; the most of runs is never under the least. */
export function ruleWith(rule: LearningRule, name: keyof LearningRule, value: number): LearningRule {
  const next = { ...rule, [name]: value };
  return { ...next, mostRuns: Math.max(next.runs, next.mostRuns) };
}

export type RuleSource = (typeof RULE_SOURCES)[number];

/** Rules to choose from: the schools, the starter's own sheet where it is entered, and one's own. */
export function rulesFor(starter: Starter | undefined): readonly { readonly from: RuleSource; readonly rule: LearningRule | null }[] {
  return RULE_SOURCES.flatMap((from): readonly { from: RuleSource; rule: LearningRule | null }[] => {
    if (from === "own") return [{ from, rule: null }];
    if (from === "sheet") return starter?.learningRule === undefined ? [] : [{ from, rule: starter.learningRule }];
    return [{ from, rule: LEARNING_RULES[from] }];
  });
}

/** Gear between a source and the rig that makes a unit wait. */
export const WAITING_GEAR = ["surge-protector", "load-shed", "transfer"] as const;

/** What may make a unit wait: as noted in the runs, and as entered with the source. */
export function waitsOf(waits: Learning["waits"], source: Source | undefined): Learning["waits"] {
  const has = (gear: (typeof WAITING_GEAR)[number]): boolean => source?.gear?.includes(gear) === true;
  return {
    ...waits,
    energyManager: waits.energyManager || has("surge-protector") || has("load-shed"),
    transferSwitch: waits.transferSwitch || has("transfer"),
  };
}

/** Whether silence is a wait or a fault, so many seconds after the call. */
export function waitingAt(
  elapsedS: number,
  waits: Learning["waits"],
  unit: AirConditioner,
  starter: Starter | undefined,
  seen: { readonly fan: boolean | null; readonly volts: number | null },
): WaitingStudy {
  return judgeWaiting({
    elapsedS: Math.max(0, elapsedS),
    compressor: null,
    ...seen,
    plateVolts: unit.plateVolts.value,
    starterDelayS: starter?.delayS ?? null,
    ...waits,
  });
}
