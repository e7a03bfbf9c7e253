import { startTransition, useCallback, useEffect, useState } from "react";
import { type Newest, NewestLine, NOTHING_ASKED } from "./newest-line.ts";
import type { Answer } from "./worker-queue.ts";

/** The newest answer to a question, and what asks the same question once more. */
export interface Latest<A> extends Newest<A> {
  readonly again: () => void;
}

/** Whether the newest answer to a question is still to come. */
export function isComing(question: unknown, { busy, answered, failed }: Latest<unknown>): boolean {
  return question !== null && failed === null && (busy || answered === null);
}

/** Asks a question whenever its key changes, once it has stood still for `waitMs`: dragging never blanks the page. `ask` never changes. */
export function useLatest<Q, A>(question: Q | null, ask: (question: Q, signal: AbortSignal) => Promise<Answer<A>>, waitMs = 0): Latest<A> {
  const key = question === null ? null : JSON.stringify(question);
  const [state, setState] = useState<Newest<A>>(NOTHING_ASKED);
  const [round, setRound] = useState(0);
  const [line] = useState(() => new NewestLine<Q, A>(ask, (newest) => startTransition(() => setState(newest))));

  // biome-ignore lint/correctness/useExhaustiveDependencies: another round asks the same question again
  useEffect(() => {
    if (key === null) {
      line.forget();
      return undefined;
    }
    const asked: Q = JSON.parse(key);
    line.want(key, asked);
    const timer = setTimeout(() => void line.serve(), waitMs);
    return () => clearTimeout(timer);
  }, [key, waitMs, round, line]);

  useEffect(() => () => line.forget(), [line]);

  const again = useCallback(() => setRound((n) => n + 1), []);
  return { ...state, again };
}
