import { Link } from "react-router";
import { LearningPicture } from "../../chart/learning-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { MISSING } from "../../words/check.ts";
import { COMMON } from "../../words/common.ts";
import { LEARN, learnSentence } from "../../words/learn.ts";
import { conditionsOf, startCase } from "../../workbench/start-case.ts";
import { useLearning } from "../../workers/use-study.ts";

/** Learn: what to expect start by start on the source asked about. */
export function LearnScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job, rig, unit, sources, starters } = bundle;
  const source = sources.find((s) => s.id === job.sourceId);
  const question = startCase(unit, source, "soft", conditionsOf(rig, job, starters));
  const { answer } = useLearning(question.ok ? question.given : null);
  const [frame, width] = useWidth<HTMLDivElement>();
  const last = answer?.starts.at(-1);
  const warmest = answer == null ? null : Math.max(...answer.starts.map((s) => s.breakerHeat ?? -1));
  const missing = question.ok ? (answer === null ? "no-motor" : null) : question.missing;
  const parts =
    missing !== null
      ? [{ text: MISSING[missing].answer }]
      : answer == null || last === undefined
        ? [{ text: COMMON.working }]
        : learnSentence({
            settledAt: answer.settledAt,
            lastA: last.peakA,
            directA: answer.directA,
            tripped: answer.starts.some((s) => s.tripped),
          });
  return (
    <div className="max-w-[920px] px-4 py-3 min-[1000px]:px-6">
      <Answer question={LEARN.question(source?.name ?? null)} parts={parts} sure={LEARN.sure} />
      {missing !== null && (
        <Link to={`/job/${job.id}/survey`} className="mt-4 inline-flex min-h-[52px] items-center bg-ink px-5 font-semibold text-face">
          {MISSING[missing].action}
        </Link>
      )}
      <div ref={frame} className="mt-4">
        {answer != null && width > 0 && (
          <LearningPicture width={width} starts={answer.starts} directA={answer.directA} settledAt={answer.settledAt} />
        )}
      </div>
      <dl className="mt-4 grid gap-x-8 border-t-[1.5px] border-ink pt-2 min-[700px]:grid-cols-2">
        {answer != null && last !== undefined && (
          <div>
            <dt className="font-bold">{LEARN.timeTitle}</dt>
            <dd>{LEARN.time(last.atS, answer.starts.length, warmest)}</dd>
          </div>
        )}
        {answer != null && (
          <div>
            <dt className="font-bold">{LEARN.restTitle}</dt>
            <dd>{LEARN.rest(answer.restartsHot)}</dd>
          </div>
        )}
        <div>
          <dt className="font-bold">{LEARN.sourceTitle}</dt>
          <dd>{LEARN.source}</dd>
        </div>
      </dl>
      <p className="mt-4 border-t-[1.5px] border-ink pt-2 text-ink2">{LEARN.conduct}</p>
    </div>
  );
}
