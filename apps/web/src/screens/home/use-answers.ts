import { conditionsOf, startCase } from "@amp-saver/cases";
import { useEffect, useMemo, useState } from "react";
import { answersCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import { useAsked } from "../../store/queries.ts";
import { useAssessments } from "../../workers/use-assessed.ts";
import { answerStale } from "../answer-age.ts";
import { keptAnswer } from "../kept-answer.ts";

const MOST_AT_ONCE = 12;
/** Pause after the list last changed, so that nothing is worked out between two letters. */
const SETTLED_MS = 700;

/** Works out, in a worker, the answers that jobs shown in the logbook do not have, or whose figures have changed since, and keeps them. */
export function useAnswers(shown: readonly { readonly id: string; readonly rigId: string }[]): void {
  const { commit } = useStore();
  const [settled, setSettled] = useState<typeof shown>([]);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(shown), SETTLED_MS);
    return () => clearTimeout(timer);
  }, [shown]);
  const asked = useAsked(settled);
  const open = useMemo(
    () =>
      asked
        .filter(({ job, rig, unit, source }) => answerStale(job, rig, unit, source))
        .flatMap(({ job, rig, unit, source, starters }) => {
          const question = startCase(unit, source, job.method, conditionsOf(rig, job, starters));
          return question.ok ? [{ job, given: question.given }] : [];
        })
        .slice(0, MOST_AT_ONCE),
    [asked],
  );
  const cases = useMemo(() => (open.length === 0 ? null : open.map((o) => o.given)), [open]);
  const { assessments, busy } = useAssessments(cases);
  useEffect(() => {
    if (busy || assessments.length !== open.length) return;
    const at = nowIso();
    const answers = open.flatMap(({ job }, i) => {
      const assessment = assessments[i] ?? null;
      const answer = assessment === null ? null : keptAnswer(job, assessment, at);
      return answer === null ? [] : [{ job, answer }];
    });
    if (answers.length > 0) void commit(answersCommit(answers));
  }, [assessments, busy, open, commit]);
}
