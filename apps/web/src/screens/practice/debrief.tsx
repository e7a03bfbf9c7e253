import type { Lesson, Mark, PracticeAct } from "@amp-saver/core/study/practice";
import { useEffect, useMemo, useRef } from "react";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Failed } from "../../ui/failed.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { PlainTable } from "../../ui/plain-table.tsx";
import { WhyLink } from "../../ui/why-link.tsx";
import type { GuideTopic } from "../../words/guide/topic.ts";
import { PRACTICE } from "../../words/practice.ts";
import { actText, type BenchNames, stepText } from "../../words/practice-acts.ts";
import { DANGERS_TOLD, DEBRIEF, UNPROVEN_WORDS } from "../../words/practice-debrief.ts";
import { FAULT_LESSON, FAULT_WORDS } from "../../words/practice-names.ts";
import type { Played } from "../../workers/practice.worker.ts";
import { useMark, usePlayed } from "../../workers/use-practice.ts";
import { benchNames, unitOf } from "./bench.view.ts";
import { fateOf, pinsOf } from "./debrief.view.ts";
import type { Session } from "./use-session.ts";

interface DebriefProps {
  readonly lesson: Lesson;
  readonly title: string;
  readonly guide: GuideTopic;
  readonly session: Session;
  /** Keeps the run once it is judged. */
  readonly keep: (mark: Mark) => void;
  readonly same: () => void;
  readonly another: () => void;
}

/** What a practice came to: the learner’s acts beside an expert’s, what was proven, and what was luck. */
export function Debrief(props: DebriefProps) {
  const { lesson, session } = props;
  const question = useMemo(() => ({ lesson, seed: session.seed, acts: session.acts }), [lesson, session]);
  const played = usePlayed(question);
  const mark = useMark(question);
  const failed = played.failed ?? mark.failed;
  if (failed !== null) return <Failed text={failed} onAgain={played.failed === null ? mark.again : played.again} />;
  if (played.answer?.ok !== true || mark.answer?.ok !== true) return <p className="p-6">{PRACTICE.working}</p>;
  return <Told {...props} played={played.answer.value} mark={mark.answer.value} />;
}

function Told({
  title,
  guide,
  session,
  keep,
  same,
  another,
  played,
  mark,
}: DebriefProps & { readonly played: Played; readonly mark: Mark }) {
  const { shown, steps } = played;
  const names = useMemo(() => benchNames(unitOf(shown)), [shown]);
  const kept = useRef(false);
  useEffect(() => {
    if (!kept.current) keep(mark);
    kept.current = true;
  }, [keep, mark]);
  const hidden = [...mark.found, ...mark.missed];
  return (
    <div className="max-w-[900px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer
        question={title}
        parts={[
          {
            text: mark.done
              ? DEBRIEF.done(title)
              : mark.stopped === null
                ? DEBRIEF.notDone
                : `${DEBRIEF.stoppedAt(mark.stopped.act + 1)} ${DEBRIEF.notDone}`,
          },
        ]}
        sure={DEBRIEF.sure(PRACTICE.minutes(mark.seconds), PRACTICE.minutes(mark.expert.seconds))}
      />
      {mark.stopped !== null && (
        <p className="py-2">
          {DANGERS_TOLD[mark.stopped.code].what} {DANGERS_TOLD[mark.stopped.code].instead}
        </p>
      )}
      <div className="flex flex-wrap gap-2 py-2 print:hidden">
        <Button look="primary" onClick={another}>
          {PRACTICE.again}
        </Button>
        <Button onClick={same}>{PRACTICE.same}</Button>
        <Button onClick={() => print()}>{DEBRIEF.print}</Button>
        <LinkButton to="/practice">{PRACTICE.back}</LinkButton>
      </div>
      <SectionHeading spaced>{DEBRIEF.goals}</SectionHeading>
      {mark.goals.map(({ code, met }) => (
        <p key={code}>
          {PRACTICE.goals[code]}: <b>{met ? DEBRIEF.met : DEBRIEF.notMet}</b>
        </p>
      ))}
      <SectionHeading spaced>{DEBRIEF.hid}</SectionHeading>
      {hidden.length === 0 && <p>{DEBRIEF.nothingHid}</p>}
      {hidden.map((code) => (
        <div key={code} className="py-1">
          <p>
            <b>{FAULT_WORDS[code]}</b>: {DEBRIEF[fateOf(code, mark)]}.
          </p>
          <p className="text-body">
            {FAULT_LESSON[code].shown} {FAULT_LESSON[code].missed}
          </p>
        </div>
      ))}
      {mark.wrong.map((code) => (
        <p key={code}>{DEBRIEF.wrong(code)}</p>
      ))}
      {mark.readElsewhere.map((act) => (
        <p key={act}>{DEBRIEF.elsewhere(act + 1)}</p>
      ))}
      <SectionHeading spaced>{DEBRIEF.luck}</SectionHeading>
      {mark.handsIn === 0 && <p>{DEBRIEF.noHands}</p>}
      {mark.handsIn > 0 && mark.luck.length === 0 && <p>{DEBRIEF.noLuck}</p>}
      {mark.luck.map(({ act, unproven }) => (
        <div key={act} className="py-1">
          <p>{DEBRIEF.luckAt(act + 1)}:</p>
          <ul className="list-disc pl-5 text-body">
            {unproven.map((code) => (
              <li key={code}>{UNPROVEN_WORDS[code]}</li>
            ))}
          </ul>
        </div>
      ))}
      <SectionHeading spaced>{DEBRIEF.pins}</SectionHeading>
      {pinsOf(shown).map(([place, real]) => (
        <p key={place} className="text-body">
          {DEBRIEF.pin(place, real)}
        </p>
      ))}
      <div className="grid gap-x-6 min-[62.5rem]:grid-cols-2">
        <Course title={DEBRIEF.yours} acts={session.acts} told={steps.map(stepText)} names={names} />
        <Course title={DEBRIEF.experts} acts={mark.expert.acts} told={mark.expert.steps.map(stepText)} names={names} />
      </div>
      <p className="py-3 text-body">
        {DEBRIEF.kept} {DEBRIEF.guide} <WhyLink to={guide} about={title} />
      </p>
    </div>
  );
}

interface CourseProps {
  readonly title: string;
  readonly acts: readonly PracticeAct[];
  readonly told: readonly string[];
  readonly names: BenchNames;
}

/** Acts in their order, with what each showed. */
function Course({ title, acts, told, names }: CourseProps) {
  return (
    <section className="min-w-0">
      <SectionHeading spaced>{title}</SectionHeading>
      <PlainTable
        heads={[DEBRIEF.columns.act, DEBRIEF.columns.showed]}
        rows={acts.map((act, k) => [`${k + 1}. ${actText(act, names)}`, told[k] ?? ""])}
      />
    </section>
  );
}
