import { KeptAnswers, ok, type Result } from "@amp-saver/core/quantity";
import type { Calibration, CalibrationFailure, CalibrationInput } from "@amp-saver/core/study/calibration";
import type { DayStudy } from "@amp-saver/core/study/day-plan";
import type { LearningStudy } from "@amp-saver/core/study/learning";
import type { PrepareFailure, Sensitivity, StartCase, StartStudy } from "@amp-saver/core/study/motor-start";
import type { Predicted } from "@amp-saver/core/study/proof";
import type { Choices, Remedy } from "@amp-saver/core/study/remedy";
import type { TogetherCase, TogetherStudy } from "@amp-saver/core/study/together";
import type { Remote } from "comlink";
import type { DayQuestion, LearningQuestion, PredictQuestion, Studies } from "./study.worker.ts";
import { RANK, studyQueue } from "./study-queue.ts";
import { type Latest, useLatest } from "./use-latest.ts";
import type { Answer } from "./worker-queue.ts";

type Glances = readonly (StartStudy["result"] | null)[];

/** Answers of a kind that are kept. */
const MOST_KEPT = 12;

/** What asks one question of the worker, in its rank; the same question later on this page has the same answer at once. */
function asking<Q, A>(
  rank: number,
  ask: (remote: Remote<Studies>, question: Q) => Promise<A>,
): (question: Q, signal: AbortSignal) => Promise<Answer<A>> {
  const kept = new KeptAnswers<Answer<A>>(MOST_KEPT);
  return async (question, signal) => {
    const key = JSON.stringify(question);
    const known = kept.get(key);
    if (known !== undefined) return known;
    const answer = await studyQueue().ask((remote) => ask(remote, question), { rank, signal });
    if (answer.ok) kept.set(key, answer);
    return answer;
  };
}

const { lookedAt, tried, compared, around } = RANK;
const askStudy = asking(lookedAt, (remote, given: StartCase): Promise<Result<StartStudy, PrepareFailure>> => remote.study(given));
const askGlances = asking(compared, (remote, cases: readonly StartCase[]): Promise<Glances> => remote.glances(cases));
const askLearning = asking(lookedAt, (remote, question: LearningQuestion): Promise<LearningStudy | null> => remote.learning(question));
const askRemedies = asking(lookedAt, (remote, { given, choices }: RemedyQuestion): Promise<Remedy[]> => remote.remedies(given, choices));
const askCalibration = asking(
  lookedAt,
  (remote, input: CalibrationInput): Promise<Result<Calibration, CalibrationFailure>> => remote.calibrate(input),
);
const askPredicted = asking(lookedAt, (remote, question: PredictQuestion): Promise<Predicted> => remote.predict(question));
const askSensitivities = asking(around, (remote, given: StartCase): Promise<Sensitivity[]> => remote.sensitivities(given));
const askDay = asking(lookedAt, (remote, question: DayQuestion): Promise<DayStudy> => remote.day(question));
// Beside what is looked at: on hand over, and source by source on a screen of its own.
const askOneTogether = asking(tried, (remote, given: TogetherCase): Promise<TogetherStudy> => remote.together(given));

/** Source by source: each has the time of a question of its own; one that is not answered leaves none. */
async function askTogether(cases: readonly (TogetherCase | null)[], signal: AbortSignal): Promise<Answer<(TogetherStudy | null)[]>> {
  const answers = await Promise.all(cases.map((given) => (given === null ? ok(null) : askOneTogether(given, signal))));
  const bad = answers.find((answer) => !answer.ok);
  return bad?.ok === false ? bad : ok(answers.map((answer) => (answer.ok ? answer.value : null)));
}

/** Pause before what is around a question is worked out, ms: not while it is being dragged. */
const SETTLED_MS = 180;

/** A case studied in a worker, or why it cannot be put together. */
export function useStudy(given: StartCase | null): Latest<Result<StartStudy, PrepareFailure>> {
  return useLatest(given, askStudy);
}

/** Several cases at their centre, in order. */
export function useGlances(cases: readonly StartCase[] | null): Latest<Glances> {
  return useLatest(cases, askGlances, 60);
}

/** A starter's starts from its first to settled. */
export function useLearning(question: LearningQuestion | null): Latest<LearningStudy | null> {
  return useLatest(question, askLearning);
}

/** What readings should show. */
export function usePredicted(question: PredictQuestion | null): Latest<Predicted> {
  return useLatest(question, askPredicted);
}

/** A case and what there is to choose from besides it. */
export interface RemedyQuestion {
  readonly given: StartCase;
  readonly choices: Choices;
}

/** Every remedy for a case, side by side. */
export function useRemedies(question: RemedyQuestion | null): Latest<Remedy[]> {
  return useLatest(question, askRemedies);
}

/** What can be on together, source by source. */
export function useTogether(cases: readonly (TogetherCase | null)[] | null): Latest<(TogetherStudy | null)[]> {
  return useLatest(cases, askTogether, 60);
}

/** A day of a rig. */
export function useDay(question: DayQuestion | null): Latest<DayStudy> {
  return useLatest(question, askDay);
}

/** A unit refined by its readings, or why not. */
export function useCalibration(input: CalibrationInput | null): Latest<Result<Calibration, CalibrationFailure>> {
  return useLatest(input, askCalibration, SETTLED_MS);
}

/** What to measure next. */
export function useSensitivities(given: StartCase | null): Latest<Sensitivity[]> {
  return useLatest(given, askSensitivities, SETTLED_MS);
}
