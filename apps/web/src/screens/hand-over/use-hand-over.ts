import { askable, conditionsOf, startCase, togetherQuestion } from "@amp-saver/cases";
import { newFitLog, type Stage } from "@amp-saver/records";
import { useMemo } from "react";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { useFramesDrawn } from "../../ui/later.tsx";
import { ofHundred } from "../../words/answer.ts";
import { FIT_WORDS } from "../../words/common.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { OPENING } from "../../words/opening.ts";
import { useAssessments } from "../../workers/use-assessed.ts";
import { isComing } from "../../workers/use-latest.ts";
import { useTogether } from "../../workers/use-study.ts";
import { openingOf, stepsWithoutPhoto } from "../fit/fit.view.ts";
import { shownAnswer } from "../kept-answer.ts";
import { builtView } from "../prepare/built.view.ts";
import type { Proved } from "../prove/proof.view.ts";
import { keptSmallest } from "../smallest.view.ts";
import { type SmallestRow, smallestRows } from "../smallest-rows.ts";
import type { StageLine } from "../stages.view.ts";
import { limitsCard } from "../together/limits-card.view.ts";
import { useProof } from "../use-proof.ts";
import { useStages } from "../use-stages.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { fittedOn, fittingOf, type Reminder, remindersOf } from "./hand-over.view.ts";
import { type CardRow, cardRows, type LimitRow } from "./hand-over-parts.ts";

/** Everything that is handed over, worked out once for the page and for paper. */
export interface HandOverView {
  /** Whether something of it is still being worked out. */
  readonly busy: boolean;
  /** What could not be worked out, in words to copy; null where all could. */
  readonly failed: string | null;
  readonly again: () => void;
  readonly proved: Proved;
  readonly limits: readonly LimitRow[];
  /** The smallest that works, as found and with the starter, where it was found for this job. */
  readonly smallest: readonly SmallestRow[];
  /** What may be on together with it, source by source; null where it could not be worked out. */
  readonly card: readonly CardRow[] | null;
  readonly fitted: string;
  readonly reminders: readonly Reminder[];
  /** Parts the plan takes out; null where there is no plan. */
  readonly removed: readonly string[] | null;
  /** Stages before this one that something is left to do at; null while it is not known. */
  readonly open: readonly Stage[] | null;
  /** Whether the wiring as built is on record; else it is but the plan. */
  readonly built: boolean;
  readonly wiring: ReturnType<typeof useUnitWiring>;
  /** Who did the work; undefined where nobody entered it. */
  readonly fittedBy: string | undefined;
  /** What was found on opening and is not mended. */
  readonly unmended: readonly string[];
  /** Steps that a photo would prove and none does. */
  readonly unphotographed: number;
}

/** What was done and shown, which the rest of a hand-over follows from. */
export function useWorkDone(bundle: JobBundle) {
  const { job, jobs, works } = bundle;
  const proved = useProof(bundle);
  const wiring = useUnitWiring(bundle);
  const fitting = useMemo(() => fittingOf(job, jobs, works), [job, jobs, works]);
  const asBuilt = useMemo(() => builtView(wiring.wiring, wiring.plan, fitting.work), [wiring.wiring, wiring.plan, fitting.work]);
  return { proved, wiring, fitting, built: asBuilt?.unconfirmed.length === 0 };
}

/** Assembles the hand-over of a job. */
export function useHandOver(bundle: JobBundle, { proved, wiring, fitting, built }: ReturnType<typeof useWorkDone>): HandOverView {
  const { job, rig, unit, sources, starters, works, readings } = bundle;
  const stages = useStages(bundle);
  const own = works.find((w) => w.jobId === job.id);
  const cases = useMemo(() => {
    const asked = sources.map((s) => startCase(unit, s, "soft", conditionsOf(rig, job, starters)));
    return asked.every((a) => a.ok) ? asked.flatMap((a) => (a.ok ? [a.given] : [])) : null;
  }, [sources, unit, rig, job, starters]);
  const { assessments, busy: trying, failed: limitsFailed, again: limitsAgain } = useAssessments(cases);
  const comingLimits = cases !== null && limitsFailed === null && (trying || assessments.length !== cases.length);
  const { measure } = useSettings();
  const kept = keptSmallest(
    job,
    rig,
    unit,
    sources.find((s) => s.id === job.sourceId),
  );
  const smallest = kept === null ? [] : smallestRows([kept["as-found"] ?? null, kept.soft ?? null], measure);
  const limits = sources.map((source, k): LimitRow => {
    const assessment = assessments[k] ?? null;
    const answer = assessment && shownAnswer(assessment);
    const shown = proved.study.sources.find((s) => s.sourceId === source.id);
    return {
      name: source.name,
      expected:
        answer === null
          ? limitsFailed !== null
            ? HAND_OVER.expectedFailed
            : comingLimits
              ? HAND_OVER.expectedComing
              : FIT_WORDS["not-known"]
          : HAND_OVER.expected(FIT_WORDS[answer.fit], answer.spareA, ofHundred({ holds: answer.holds, trials: answer.tries })),
      tested:
        shown === undefined
          ? HAND_OVER.notTested
          : `${HAND_OVER.tested[shown.verdict]}, ${HAND_OVER.minutes(shown.verdict === "stopped" ? (shown.failedAfterMin ?? 0) : shown.minutes)}`,
    };
  });
  const { card, coming, failed: cardFailed, again: cardAgain } = useCard(bundle);
  const fitted = fittedOn(fitting.job, fitting.work, readings);
  const { plan, names } = wiring;
  const removed = plan.plan.ok
    ? plan.plan.value.retired.map((id) => HAND_OVER.removedLine(names.part(id).name, wiring.wiring.aid === "remove"))
    : null;
  const busy = proved.busy || coming || comingLimits;
  return {
    busy,
    failed: limitsFailed ?? cardFailed,
    again: limitsFailed === null ? cardAgain : limitsAgain,
    proved,
    limits,
    smallest,
    card,
    fitted,
    reminders: remindersOf(fitting.work, fittedOn(job, own, readings)),
    removed,
    open: stages === null ? null : stages.lines.filter(isOpen).map((line) => line.stage),
    built,
    wiring,
    unmended: (({ stops, others }) => [...stops, ...others].map((what) => OPENING.names[what]))(
      openingOf(own ?? newFitLog(job.createdAt, job), plan),
    ),
    unphotographed: built ? stepsWithoutPhoto(plan, bundle.photos, unit.id).length : 0,
    fittedBy: own?.fittedBy ?? fitting.work?.fittedBy,
  };
}

/** Whether something is left to do at a stage that comes before handing over. */
const isOpen = ({ stage, state }: StageLine): boolean => stage !== "hand-over" && state !== "done" && state !== "not-needed";

/** What may be on together with the unit once its starter has learned; rows of the sources that can be told. */
function useCard({ job, jobs, rig, unit, units, loads, sources, starters }: JobBundle): {
  readonly card: readonly CardRow[] | null;
  readonly coming: boolean;
  readonly failed: string | null;
  readonly again: () => void;
} {
  // Put together after the page stands: it takes as long as all of the rest.
  const stands = useFramesDrawn(1);
  const questions = useMemo(() => {
    if (!stands) return [];
    const asked = [...jobs.filter((j) => j.unitId !== unit.id), { ...job, method: "soft" as const }];
    const given = { rig, units, jobs: asked, loads, starters, unitsOff: new Set<string>(), unlearned: new Set<string>() };
    return sources.map((source) => togetherQuestion(given, source));
  }, [stands, job, jobs, rig, unit, units, loads, sources, starters]);
  const asked = questions.some((q) => askable(q) !== null) ? questions.map(askable) : null;
  const latest = useTogether(asked);
  const names = new Map<string, string>([...units, ...loads].map((r) => [r.id, r.name]));
  const rows = sources.flatMap((source, k) => {
    const [study, question] = [latest.answer?.[k] ?? null, questions[k] ?? null];
    if (study === null || question === null || question.given.units.length + question.given.loads.length < 2) return [];
    return cardRows(source.name, limitsCard(study, question), (id) => names.get(id) ?? id);
  });
  const { failed, again } = latest;
  return { card: failed === null ? rows : null, coming: !stands || isComing(asked, latest), failed, again };
}
