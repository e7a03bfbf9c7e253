import { useEffect, useRef, useState } from "react";

/** The newest answer to a question and whether a newer one is on its way. */
export interface Latest<A> {
  readonly answer: A | undefined;
  readonly busy: boolean;
  /** Key of the question that was answered. */
  readonly answered: string | null;
}

/** Whether the newest answer to a question is still to come. */
export function isComing(question: unknown, { busy, answered }: Latest<unknown>): boolean {
  return question !== null && (busy || answered === null);
}

/**
 * Asks a question whenever its key changes; while one is being answered only the newest waits. The
 * last answer stays until the next arrives, so that dragging never blanks the page.
 */
export function useLatest<Q, A>(question: Q | null, ask: (question: Q) => Promise<A>, waitMs = 0): Latest<A> {
  const key = question === null ? null : JSON.stringify(question);
  const [state, setState] = useState<Latest<A>>({ answer: undefined, busy: false, answered: null });
  const line = useRef<{ running: boolean; next: Q | null; wanted: string | null }>({ running: false, next: null, wanted: null });
  const asking = useRef(ask);
  asking.current = ask;

  useEffect(() => {
    const queue = line.current;
    queue.wanted = key;
    if (key === null) {
      queue.next = null;
      setState({ answer: undefined, busy: false, answered: null });
      return undefined;
    }
    queue.next = JSON.parse(key) as Q;
    setState((old) => (old.busy ? old : { ...old, busy: true }));
    const timer = setTimeout(() => void serve(), waitMs);
    async function serve(): Promise<void> {
      if (queue.running) return;
      queue.running = true;
      while (queue.next !== null) {
        const current = queue.next;
        const currentKey = queue.wanted;
        queue.next = null;
        const answer = await asking.current(current).catch(() => undefined);
        if (queue.wanted === null) break;
        setState({ answer, busy: queue.next !== null || queue.wanted !== currentKey, answered: currentKey });
      }
      queue.running = false;
    }
    return () => clearTimeout(timer);
  }, [key, waitMs]);

  return state;
}
