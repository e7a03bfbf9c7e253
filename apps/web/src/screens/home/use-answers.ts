import { useEffect, useMemo } from "react";
import { answerCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { useLogbook } from "../../store/queries.ts";
import { answerStale } from "../../workbench/answer-age.ts";
import { CORE_VERSION } from "../../workbench/core-version.ts";
import { conditionsOf, startCase } from "../../workbench/start-case.ts";
import { useGlances } from "../../workers/use-study.ts";

const MOST_AT_ONCE = 12;

/** Works out, in a worker, the answers that jobs in the logbook do not have, or whose figures have changed since, and keeps them. */
export function useAnswers(log: ReturnType<typeof useLogbook>): void {
  const { commit } = useStore();
  const open = useMemo(
    () =>
      (log ?? [])
        .filter(({ job, rig, unit, source }) => answerStale(job, rig, unit, source))
        .flatMap(({ job, rig, unit, source, starters }) => {
          const question = startCase(unit, source, job.method, conditionsOf(rig, job, starters));
          return question.ok ? [{ job, given: question.given }] : [];
        })
        .slice(0, MOST_AT_ONCE),
    [log],
  );
  const cases = useMemo(() => (open.length === 0 ? null : open.map((o) => o.given)), [open]);
  const { answer, answered } = useGlances(cases);
  useEffect(() => {
    if (answer === undefined || answered !== JSON.stringify(cases)) return;
    for (const [i, { job }] of open.entries()) {
      const glance = answer[i];
      if (glance == null || job.sourceId === null) continue;
      const marginA = glance.marginA === null ? null : Math.round(glance.marginA * 10) / 10;
      const { overall: fit, decides } = glance.verdict;
      void commit(
        answerCommit(job, { fit, decides, marginA, sourceId: job.sourceId, method: job.method, at: nowIso(), coreVersion: CORE_VERSION }),
      );
    }
  }, [answer, answered, cases, open, commit]);
}
