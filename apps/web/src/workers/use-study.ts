import type { Result } from "@amp-saver/core/quantity";
import type { Calibration, CalibrationFailure, CalibrationInput } from "@amp-saver/core/study/calibration";
import type { DayStudy } from "@amp-saver/core/study/day-plan";
import type { LearningStudy } from "@amp-saver/core/study/learning";
import type { PrepareFailure, Sensitivity, StartCase, StartStudy } from "@amp-saver/core/study/motor-start";
import type { Predicted } from "@amp-saver/core/study/proof";
import type { Choices, Remedy } from "@amp-saver/core/study/remedy";
import type { TogetherCase, TogetherStudy } from "@amp-saver/core/study/together";
import { desks } from "./desk.ts";
import type { DayQuestion, PredictQuestion } from "./start.worker.ts";
import { type Latest, useLatest } from "./use-latest.ts";

type Glances = readonly (StartStudy["result"] | null)[];

const askStudy = (given: StartCase): Promise<Result<StartStudy, PrepareFailure>> =>
  desks().front.call<Result<StartStudy, PrepareFailure>>((d) => d.study(given));
const askGlances = (cases: readonly StartCase[]): Promise<Glances> => desks().back.call((d) => d.glances(cases));
const askLearning = (given: StartCase): Promise<LearningStudy | null> => desks().front.call((d) => d.learning(given));
const askRemedies = ({ given, choices }: RemedyQuestion): Promise<Remedy[]> => desks().front.call((d) => d.remedies(given, choices));
const askCalibration = (input: CalibrationInput): Promise<Result<Calibration, CalibrationFailure>> =>
  desks().back.call<Result<Calibration, CalibrationFailure>>((d) => d.calibrate(input));
const askPredicted = (question: PredictQuestion): Promise<Predicted> => desks().back.call((d) => d.predict(question));
const askSensitivities = (given: StartCase): Promise<Sensitivity[]> => desks().back.call((d) => d.sensitivities(given));
// Source by source: each has the time of a question of its own.
const askTogether = (cases: readonly (TogetherCase | null)[]): Promise<(TogetherStudy | null)[]> =>
  Promise.all(cases.map((given) => (given === null ? null : desks().front.call((d) => d.together(given)))));
const askDay = (question: DayQuestion): Promise<DayStudy> => desks().front.call((d) => d.day(question));

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
export function useLearning(given: StartCase | null): Latest<LearningStudy | null> {
  return useLatest(given, askLearning);
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
