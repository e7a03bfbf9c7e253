import type { Result } from "@amp-saver/core/quantity";
import type { Hint, Mark } from "@amp-saver/core/study/practice";
import type { Played, PracticeQuestion, PracticeStudies } from "./practice.worker.ts";
import { type Latest, useLatest } from "./use-latest.ts";
import { type Answer, WorkerQueue } from "./worker-queue.ts";

let queue: WorkerQueue<PracticeStudies> | undefined;

/** The one worker that the bench is in: it keeps the bench that was played last. */
function practiceQueue(): WorkerQueue<PracticeStudies> {
  queue ??= new WorkerQueue<PracticeStudies>(() => new Worker(new URL("./practice.worker.ts", import.meta.url), { type: "module" }), 1);
  return queue;
}

const askPlay = (question: PracticeQuestion, signal: AbortSignal): Promise<Answer<Result<Played, string>>> =>
  practiceQueue().ask((remote): Promise<Result<Played, string>> => remote.play(question), { rank: 0, signal });
const askMark = (question: PracticeQuestion, signal: AbortSignal): Promise<Answer<Result<Mark, string>>> =>
  practiceQueue().ask((remote): Promise<Result<Mark, string>> => remote.mark(question), { rank: 1, signal });
const askHint = (question: PracticeQuestion, signal: AbortSignal): Promise<Answer<Result<Hint, string>>> =>
  practiceQueue().ask((remote): Promise<Result<Hint, string>> => remote.hint(question), { rank: 1, signal });

/** The bench after some acts. */
export function usePlayed(question: PracticeQuestion): Latest<Result<Played, string>> {
  return useLatest(question, askPlay);
}

/** Acts judged beside an expert’s; null asks nothing. */
export function useMark(question: PracticeQuestion | null): Latest<Result<Mark, string>> {
  return useLatest(question, askMark);
}

/** What an expert would do next; null asks nothing. */
export function useHint(question: PracticeQuestion | null): Latest<Result<Hint, string>> {
  return useLatest(question, askHint);
}
