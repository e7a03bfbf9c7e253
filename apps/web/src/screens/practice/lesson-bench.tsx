import type { PracticeAct } from "@amp-saver/core/study/practice";
import { useMemo, useRef } from "react";
import { Failed } from "../../ui/failed.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { usePlayed } from "../../workers/use-practice.ts";
import { Bench } from "./bench.tsx";
import type { Chosen } from "./lessons.view.ts";
import type { Session } from "./use-session.ts";

interface LessonBenchProps {
  readonly chosen: Chosen;
  readonly session: Session;
  readonly act: (act: PracticeAct) => void;
  readonly end: () => void;
}

/** A lesson’s unit on the bench: asks the worker how it is after every act. */
export function LessonBench({ chosen, session, act, end }: LessonBenchProps) {
  const question = useMemo(() => ({ lesson: chosen.lesson, seed: session.seed, acts: session.acts }), [chosen.lesson, session]);
  const { answer, failed, again } = usePlayed(question);
  const played = answer?.ok === true ? answer.value : null;
  const newest = useRef(question);
  newest.current = question;
  // The bench is drawn once an act, when what it showed is there, not when it was asked.
  const told = useMemo(() => ({ ...newest.current, acts: newest.current.acts.slice(0, played?.steps.length ?? 0) }), [played]);
  if (failed !== null) return <Failed text={failed} onAgain={again} />;
  if (answer === undefined) return <p className="p-6">{PRACTICE.working}</p>;
  if (!answer.ok) return <Failed text={`${chosen.title}: ${answer.reason}`} onAgain={again} />;
  return <Bench chosen={chosen} question={told} played={answer.value} act={act} end={end} />;
}
