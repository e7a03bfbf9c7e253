import type { Result } from "@amp-saver/core/quantity";
import type { Calibration, CalibrationFailure, CalibrationInput } from "@amp-saver/core/study/calibration";
import type { DayStudy } from "@amp-saver/core/study/day-plan";
import type { LearningStudy } from "@amp-saver/core/study/learning";
import type { MapCell } from "@amp-saver/core/study/margin-map";
import type { StartCase, StartStudy } from "@amp-saver/core/study/motor-start";
import type { Predicted } from "@amp-saver/core/study/proof";
import type { Choices, RemedyStudy } from "@amp-saver/core/study/remedy";
import type { TogetherCase, TogetherStudy } from "@amp-saver/core/study/together";
import { desks } from "./desk.ts";
import type { DayQuestion, Glance, PredictQuestion, StartDesk } from "./start.worker.ts";
import { type Latest, useLatest } from "./use-latest.ts";

const askStudy = (given: StartCase): Promise<StartStudy | null> => desks().front.study(given);
const askGlances = (cases: readonly StartCase[]): Promise<(Glance | null)[]> => desks().back.glances(cases);
const askLearning = (given: StartCase): Promise<LearningStudy | null> => desks().front.learning(given);
const askRemedies = ({ given, choices }: RemedyQuestion): Promise<RemedyStudy> => desks().front.remedies(given, choices);
const askMap = (question: MapQuestion): Promise<MapCell[][]> => desks().back.map(question.given, question.outdoorC, question.up);
const askCalibration = (input: CalibrationInput): Promise<Result<Calibration, CalibrationFailure>> => desks().back.calibrate(input);
const askPredicted = (question: PredictQuestion): Promise<Predicted> => desks().back.predict(question);
const askSurroundings = (given: StartCase): Promise<ReturnType<StartDesk["surroundings"]>> => desks().back.surroundings(given);

const askTogether = (cases: readonly (TogetherCase | null)[]): Promise<(TogetherStudy | null)[]> => desks().front.together(cases);

const askDay = (question: DayQuestion): Promise<DayStudy> => desks().front.day(question);

/** Pause before the surroundings of a question are worked out, ms: not while it is being dragged. */
const SETTLED_MS = 180;

/** A case studied in a worker. */
export function useStudy(given: StartCase | null): Latest<StartStudy | null> {
  return useLatest(given, askStudy);
}

/** Verdicts of several cases, in order. */
export function useGlances(cases: readonly StartCase[] | null): Latest<(Glance | null)[]> {
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

/** A case and the places of its map. */
export interface MapQuestion {
  readonly given: StartCase;
  readonly outdoorC: readonly number[];
  readonly up: readonly number[];
}

/** Every remedy for a case, side by side. */
export function useRemedies(question: RemedyQuestion | null): Latest<RemedyStudy> {
  return useLatest(question, askRemedies);
}

/** What may be on together, source by source. */
export function useTogether(cases: readonly (TogetherCase | null)[] | null): Latest<(TogetherStudy | null)[]> {
  return useLatest(cases, askTogether, 60);
}

/** A day of a rig. */
export function useDay(question: DayQuestion | null): Latest<DayStudy> {
  return useLatest(question, askDay);
}

/** Margins over heat and height, or heat and loads. */
export function useMap(question: MapQuestion | null): Latest<MapCell[][]> {
  return useLatest(question, askMap, SETTLED_MS);
}

/** A unit refined by its readings, or why not. */
export function useCalibration(input: CalibrationInput | null): Latest<Result<Calibration, CalibrationFailure>> {
  return useLatest(input, askCalibration, SETTLED_MS);
}

/** Where the answer turns, and what to measure next. */
export function useSurroundings(given: StartCase | null): Latest<ReturnType<StartDesk["surroundings"]>> {
  return useLatest(given, askSurroundings, SETTLED_MS);
}
