import { itemAt } from "@amp-saver/core/quantity";
import type { Remote } from "comlink";
import type { Studies } from "./study.worker.ts";
import type { Answer, Ticket } from "./worker-queue.ts";

/** How many members each question is tried with, how many at a time, and how long it must stand still first. */
export interface BatchPlan<Q, B> {
  readonly total: number;
  readonly size: number;
  readonly settledMs: number;
  readonly rank: number;
  /** Asks a worker for members `from` to `to` of one question. */
  readonly ask: (remote: Remote<Studies>, question: Q, from: number, to: number) => Promise<B>;
  /** How many to go on to, seen what came of those so far; the same number ends it. */
  readonly goOn?: (batches: readonly B[], done: number) => number;
}

/** Batches of questions that were tried before on this page, by the first member of each; the plan’s questions share them. */
export type TriedBefore<Q, B> = (question: Q) => Map<number, B>;

/** What came of each question so far, in the order of its members whatever the order they were tried in. */
export interface BatchProgress<B> {
  readonly of: readonly (readonly B[])[];
  readonly running: boolean;
  /** What went wrong, in words to copy; null while nothing did. */
  readonly failed: string | null;
}

/** The line that batches are asked through. */
export type AskBatch = <B>(question: (remote: Remote<Studies>) => Promise<B>, ticket: Ticket) => Promise<Answer<B>>;

/** How often it is told how far the tries are, ms: drawing a page takes longer than many a batch. */
const TELL_MS = 120;

/**
 * Tries questions member by member and tells how far it is, now and then and at the end; the first batch that fails ends it.
 * Gives back what ends it: batches in hand are finished and forgotten.
 */
export function runBatches<Q, B>(
  ask: AskBatch,
  questions: readonly Q[],
  plan: BatchPlan<Q, B>,
  tell: (progress: BatchProgress<B>) => void,
  before: TriedBefore<Q, B> = () => new Map(),
): () => void {
  const cancel = new AbortController();
  const known = questions.map(before);
  const done = questions.map(() => new Map<number, B>());
  const asked = questions.map(() => 0);
  let open = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const inOrder = (at: number): B[] => [...itemAt(done, at).entries()].toSorted(([a], [b]) => a - b).map(([, batch]) => batch);
  const say = (running: boolean, failed: string | null = null): void => {
    clearTimeout(timer);
    timer = undefined;
    tell({ of: questions.map((_, at) => inOrder(at)), running, failed });
  };
  const end = (): void => {
    clearTimeout(timer);
    cancel.abort();
  };
  const answered = (at: number, from: number, answer: Answer<B>): void => {
    if (cancel.signal.aborted) return;
    if (!answer.ok) {
      end();
      say(false, answer.where);
      return;
    }
    open -= 1;
    itemAt(known, at).set(from, answer.value);
    took(at, from, answer.value);
    if (open === 0) say(false);
    else timer ??= setTimeout(() => say(true), TELL_MS);
  };
  const took = (at: number, from: number, batch: B): void => {
    itemAt(done, at).set(from, batch);
    if (plan.goOn !== undefined && itemAt(done, at).size * plan.size >= itemAt(asked, at))
      askTo(at, plan.goOn(inOrder(at), itemAt(asked, at)));
  };
  const askTo = (at: number, to: number): void => {
    const first = itemAt(asked, at);
    asked[at] = Math.max(first, to);
    for (let from = first; from < to; from += plan.size) {
      const batch = itemAt(known, at).get(from);
      if (batch !== undefined) {
        took(at, from, batch);
        continue;
      }
      open += 1;
      const until = Math.min(to, from + plan.size);
      void ask((remote) => plan.ask(remote, itemAt(questions, at), from, until), { rank: plan.rank, signal: cancel.signal }).then(
        (answer) => answered(at, from, answer),
      );
    }
  };

  questions.forEach((_, at) => {
    askTo(at, plan.total);
  });
  if (open === 0) say(false);
  return end;
}
