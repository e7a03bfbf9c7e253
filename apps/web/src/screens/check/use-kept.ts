import type { Assessment } from "@amp-saver/core/study/assess";
import { useEffect } from "react";
import { answersCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { answerStale } from "../answer-age.ts";
import { keptAnswer, saysTheSame } from "../kept-answer.ts";

const SETTLED_MS = 600;

/** Keeps the answer with the job once its tries are in and it differs from the one kept. */
export function useKept({ job, rig, unit, sources }: JobBundle, assessment: Assessment | null, busy: boolean): void {
  const { commit } = useStore();
  const stale = answerStale(
    job,
    rig,
    unit,
    sources.find((s) => s.id === job.sourceId),
  );
  const same = assessment !== null && !stale && saysTheSame(job.answer, assessment);
  useEffect(() => {
    if (assessment === null || assessment.provisional || busy || same) return undefined;
    const timer = setTimeout(() => {
      const answer = keptAnswer(job, assessment, nowIso());
      if (answer !== null) void commit(answersCommit([{ job, answer }]));
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [assessment, busy, same, job, commit]);
}
