import { ok, type Result } from "../../quantity/index.ts";
import type { PrepareFailure } from "../motor-start/index.ts";
import type { Danger, PracticeAct, PracticeCase, PracticeFaultCode, PracticeStep } from "./case.ts";
import { expertCourse } from "./course.ts";
import type { HandsIn } from "./debrief.ts";
import { playPractice, standing } from "./judge.ts";
import type { Goal, Lesson } from "./lessons.ts";

/** A learner’s course beside an expert’s. */
export interface Mark {
  readonly goals: readonly { readonly code: Goal; readonly met: boolean }[];
  readonly done: boolean;
  readonly stopped: { readonly act: number; readonly code: Danger } | null;
  readonly found: readonly PracticeFaultCode[];
  readonly missed: readonly PracticeFaultCode[];
  /** What was named and is there, and what was named and is not. */
  readonly named: readonly PracticeFaultCode[];
  readonly wrong: readonly PracticeFaultCode[];
  /** Times that hands went in. */
  readonly handsIn: number;
  /** Acts that read the clamp on another wire than compressor common. */
  readonly readElsewhere: readonly number[];
  /** Times that hands went in on luck. */
  readonly luck: readonly HandsIn[];
  readonly acts: number;
  readonly seconds: number;
  readonly expert: { readonly acts: readonly PracticeAct[]; readonly steps: readonly PracticeStep[]; readonly seconds: number };
}

/** Judges acts on what a lesson hides: what was reached, what was luck, and what an expert would have done. */
export function markLesson(
  lesson: Lesson,
  given: PracticeCase,
  acts: readonly PracticeAct[],
): Result<Mark, PrepareFailure | "no-compressor"> {
  const played = playPractice(given, acts);
  if (!played.ok) return played;
  const course = expertCourse(given, lesson.goals.includes("runs"));
  if (!course.ok) return course;
  const expert = playPractice(given, course.value);
  if (!expert.ok) return expert;
  const { stopped, found, missed, handsIn, said, readElsewhere, end } = played.value;
  const hidden = given.faults.map((f) => f.code);
  const wrong = said.filter((code) => !hidden.includes(code));
  const luck = handsIn.filter(({ unproven }) => unproven.length > 0);
  const reached: Readonly<Record<Goal, boolean>> = {
    "proven-dead": handsIn.length > 0 && luck.length === 0,
    "all-found": missed.length === 0 && wrong.length === 0 && hidden.every((code) => said.includes(code)),
    runs: standing(end).running,
  };
  const goals = lesson.goals.map((code) => ({ code, met: stopped === null && reached[code] }));
  return ok({
    goals,
    done: stopped === null && goals.every(({ met }) => met),
    stopped,
    found,
    missed,
    named: said.filter((code) => hidden.includes(code)),
    wrong,
    handsIn: handsIn.length,
    readElsewhere,
    luck,
    acts: acts.length,
    seconds: end.nowS,
    expert: { acts: course.value, steps: expert.value.steps, seconds: expert.value.end.nowS },
  });
}
