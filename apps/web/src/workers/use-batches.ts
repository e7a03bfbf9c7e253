import { KeptAnswers } from "@amp-saver/core/quantity";
import { startTransition, useCallback, useEffect, useRef, useState } from "react";
import { type BatchPlan, type BatchProgress, runBatches, type TriedBefore } from "./run-batches.ts";
import { studyQueue } from "./study-queue.ts";

/** How far the questions of a screen are, and by which key they go. */
export interface Batches<B> extends BatchProgress<B> {
  readonly key: string | null;
  readonly stop: () => void;
  readonly again: () => void;
}

/** Questions whose tries are kept, of each kind of asking. */
const MOST_KEPT = 24;
const triedBefore = new WeakMap<object, KeptAnswers<Map<number, unknown>>>();

/** What was tried on this page by the same asking, in batches of the same size. */
function beforeOf<Q, B>({ ask, size }: BatchPlan<Q, B>): TriedBefore<Q, B> {
  const kept = triedBefore.get(ask) ?? new KeptAnswers<Map<number, unknown>>(MOST_KEPT);
  triedBefore.set(ask, kept);
  return (question) => {
    const key = `${size} ${JSON.stringify(question)}`;
    const batches = kept.get(key) ?? new Map<number, unknown>();
    kept.set(key, batches);
    return batches as Map<number, B>;
  };
}

/**
 * Tries questions member by member once they stand still; newer questions, or stop, end it after the
 * batches in hand. Everything that is tried on a screen goes through here.
 */
export function useBatches<Q, B>(questions: readonly Q[] | null, plan: BatchPlan<Q, B>): Batches<B> {
  const key = questions === null ? null : JSON.stringify(questions);
  const [state, setState] = useState<Omit<Batches<B>, "stop" | "again">>({ key: null, of: [], running: false, failed: null });
  const [round, setRound] = useState(0);
  const cancel = useRef<() => void>(() => undefined);
  const kept = useRef(plan);
  kept.current = plan;

  // biome-ignore lint/correctness/useExhaustiveDependencies: another round asks the same question again
  useEffect(() => {
    if (key === null) {
      setState({ key: null, of: [], running: false, failed: null });
      return undefined;
    }
    const asked: Q[] = JSON.parse(key);
    let end = (): void => undefined;
    const timer = setTimeout(() => {
      setState((old) =>
        old.key === key ? { ...old, running: true, failed: null } : { key, of: asked.map(() => []), running: true, failed: null },
      );
      end = runBatches(
        (question, ticket) => studyQueue().ask(question, ticket),
        asked,
        kept.current,
        (progress) => startTransition(() => setState({ key, ...progress })),
        beforeOf(kept.current),
      );
    }, kept.current.settledMs);
    cancel.current = () => {
      clearTimeout(timer);
      end();
      setState((old) => ({ ...old, running: false }));
    };
    return () => {
      clearTimeout(timer);
      // In a turn of its own: a slow phone takes a moment to forget some hundred batches, and draws another stage just now.
      setTimeout(end);
    };
  }, [key, round]);

  const stop = useCallback(() => cancel.current(), []);
  const again = useCallback(() => setRound((n) => n + 1), []);
  return { ...state, stop, again };
}
