import { useMemo } from "react";
import type { JobBundle } from "../../store/queries.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { fittedOn, type Reminder, remindersOf } from "../../workbench/hand-over.ts";
import type { Proved } from "../../workbench/proof.ts";
import { conditionsOf, startCase } from "../../workbench/start-case.ts";
import { useGlances } from "../../workers/use-study.ts";
import { useProof } from "../use-proof.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import type { LimitRow } from "./hand-over-parts.ts";

/** Everything that is handed over, worked out once for the page and for paper. */
export interface HandOverView {
  readonly proved: Proved;
  readonly limits: readonly LimitRow[];
  readonly fitted: string;
  readonly reminders: readonly Reminder[];
  readonly removed: readonly string[];
  readonly wiring: ReturnType<typeof useUnitWiring>;
}

/** Assembles the hand-over of a job. */
export function useHandOver(bundle: JobBundle): HandOverView {
  const { job, rig, unit, sources, starters, works, readings } = bundle;
  const proved = useProof(bundle);
  const wiring = useUnitWiring(bundle);
  const work = works.find((w) => w.jobId === job.id);
  const cases = useMemo(() => {
    const asked = sources.map((s) => startCase(unit, s, "soft", conditionsOf(rig, job, starters)));
    return asked.every((a) => a.ok) ? asked.flatMap((a) => (a.ok ? [a.given] : [])) : null;
  }, [sources, unit, rig, job, starters]);
  const { answer: glances } = useGlances(cases);
  const limits = sources.map((source, k): LimitRow => {
    const glance = glances?.[k] ?? null;
    const fit = glance?.verdict.overall ?? "not-known";
    const shown = proved.study.sources.find((s) => s.sourceId === source.id);
    return {
      name: source.name,
      expected: HAND_OVER.expected[fit] + (glance?.marginA == null ? "" : HAND_OVER.margin(glance.marginA)),
      tested:
        shown === undefined
          ? HAND_OVER.notTested
          : `${HAND_OVER.tested[shown.verdict]}, ${HAND_OVER.minutes(shown.verdict === "stopped" ? (shown.failedAfterMin ?? 0) : shown.minutes)}`,
    };
  });
  const fitted = fittedOn(job, work, readings);
  const { plan, names } = wiring;
  const removed = plan.plan.ok ? plan.plan.value.retired.map((id) => HAND_OVER.removedLine(names.part(id).name)) : [];
  return { proved, limits, fitted, reminders: remindersOf(work, fitted), removed, wiring };
}
