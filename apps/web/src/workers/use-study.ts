import type { LearningStudy } from "@amp-saver/core/study/learning";
import type { SourceCase, StartCase, StartStudy } from "@amp-saver/core/study/motor-start";
import type { RemedyStudy } from "@amp-saver/core/study/remedy";
import { desks } from "./desk.ts";
import type { Glance, StartDesk } from "./start.worker.ts";
import { type Latest, useLatest } from "./use-latest.ts";

const askStudy = (given: StartCase): Promise<StartStudy | null> => desks().front.study(given);
const askGlances = (cases: readonly StartCase[]): Promise<(Glance | null)[]> => desks().back.glances(cases);
const askLearning = (given: StartCase): Promise<LearningStudy | null> => desks().front.learning(given);
const askRemedies = ({ given, others }: RemedyQuestion): Promise<RemedyStudy> => desks().front.remedies(given, others);
const askSurroundings = (given: StartCase): Promise<ReturnType<StartDesk["surroundings"]>> => desks().back.surroundings(given);

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

/** A case and the other sources that could feed it. */
export interface RemedyQuestion {
  readonly given: StartCase;
  readonly others: readonly SourceCase[];
}

/** Every remedy for a case, side by side. */
export function useRemedies(question: RemedyQuestion | null): Latest<RemedyStudy> {
  return useLatest(question, askRemedies);
}

/** Where the answer turns, and what to measure next. */
export function useSurroundings(given: StartCase | null): Latest<ReturnType<StartDesk["surroundings"]>> {
  return useLatest(given, askSurroundings, SETTLED_MS);
}
