import type { Job } from "@amp-saver/records";
import { useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { MISSING } from "../../words/check.ts";
import { CHOOSE, chooseSentence, REMEDY_WORDS } from "../../words/choose.ts";
import { COMMON } from "../../words/common.ts";
import { conditionsOf, sourceCase, startCase } from "../../workbench/start-case.ts";
import { useRemedies } from "../../workers/use-study.ts";
import { RemedyRow } from "./remedy-row.tsx";

/** Choose: every remedy on the source that is asked about, side by side. */
export function ChooseScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { job, rig, unit, sources } = bundle;
  const { commit } = useStore();
  const navigate = useNavigate();
  const source = sources.find((s) => s.id === job.sourceId);
  const others = useMemo(
    () => sources.filter((s) => s.id !== job.sourceId && (s.type === "shore" || s.runningW !== undefined || s.surgeW !== undefined)),
    [sources, job.sourceId],
  );
  const conditions = conditionsOf(rig, job);
  const question = startCase(unit, source, job.method, conditions);
  const { answer } = useRemedies(
    question.ok ? { given: question.given, others: others.map((s) => sourceCase(s, conditions.altitudeM)) } : null,
  );
  const nameOf = (code: string, other: number): string => (other < 0 ? REMEDY_WORDS[code]?.name : others[other]?.name) ?? code;
  const best = answer?.best == null ? null : answer.remedies[answer.best];
  const parts = !question.ok
    ? [{ text: MISSING[question.missing].answer }]
    : answer === undefined
      ? [{ text: COMMON.working }]
      : chooseSentence(
          best == null ? null : { code: best.code, name: nameOf(best.code, best.other), usd: best.usd, fits: best.fit === "fits" },
        );
  const openIn = (change: Partial<Job>): void => {
    void commit(editCommit(job, { ...change, answer: null, done: [...new Set([...job.done, "choose" as const])] })).then(
      (result) => result.ok && navigate(`/job/${job.id}/check`),
    );
  };
  return (
    <div className="px-4 py-3 min-[1000px]:px-6">
      <Answer question={CHOOSE.question(source?.name ?? null)} parts={parts} sure={CHOOSE.sure} />
      {!question.ok && (
        <Link to={`/job/${job.id}/survey`} className="mt-4 inline-flex min-h-[52px] items-center bg-ink px-5 font-semibold text-face">
          {MISSING[question.missing].action}
        </Link>
      )}
      {answer !== undefined && (
        <ul className="mt-4 border-t-[1.5px] border-ink">
          {answer.remedies.map((remedy, i) => (
            <RemedyRow
              key={remedy.code + remedy.other}
              name={nameOf(remedy.code, remedy.other)}
              gives={REMEDY_WORDS[remedy.code]?.gives ?? ""}
              remedy={remedy}
              best={i === answer.best}
              onOpen={openerOf(remedy.code, others[remedy.other]?.id ?? null, openIn)}
            />
          ))}
        </ul>
      )}
      <p className="mt-4 max-w-[760px] border-t-[1.5px] border-ink pt-2 font-semibold">{CHOOSE.never}</p>
    </div>
  );
}

/** How a remedy is asked about in Check; null for what would have to be bought first. */
function openerOf(code: string, otherId: Job["sourceId"], open: (change: Partial<Job>) => void): (() => void) | null {
  switch (code) {
    case "as-is":
      return () => open({ method: "as-found" });
    case "shed":
      return () => open({ method: "as-found", otherLoadsA: 0 });
    case "hard":
      return () => open({ method: "hard" });
    case "soft":
      return () => open({ method: "soft" });
    case "soft-shed":
      return () => open({ method: "soft", otherLoadsA: 0 });
    case "other-source":
      return () => open({ method: "as-found", sourceId: otherId });
    default:
      return null;
  }
}
