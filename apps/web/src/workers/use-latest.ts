import { useCallback, useEffect, useRef, useState } from "react";

/** The newest answer to a question and whether a newer one is on its way. */
export interface Latest<A> {
  readonly answer: A | undefined;
  readonly busy: boolean;
  /** Key of the question that was answered. */
  readonly answered: string | null;
  /** What went wrong with the newest question, in words to copy; null where nothing did. */
  readonly failed: string | null;
  /** Asks the same question once more. */
  readonly again: () => void;
}

/** Whether the newest answer to a question is still to come. */
export function isComing(question: unknown, { busy, answered, failed }: Latest<unknown>): boolean {
  return question !== null && failed === null && (busy || answered === null);
}

const NOTHING = { answer: undefined, busy: false, answered: null, failed: null } as const;

/**
 * Asks a question whenever its key changes; while one is being answered only the newest waits. The
 * last answer stays until the next arrives, so that dragging never blanks the page; one that could not
 * be had takes its place and says why.
 */
export function useLatest<Q, A>(question: Q | null, ask: (question: Q) => Promise<A>, waitMs = 0): Latest<A> {
  const key = question === null ? null : JSON.stringify(question);
  const [state, setState] = useState<Omit<Latest<A>, "again">>(NOTHING);
  const [round, setRound] = useState(0);
  const line = useRef<{ running: boolean; next: Q | null; wanted: string | null }>({ running: false, next: null, wanted: null });
  const asking = useRef(ask);
  asking.current = ask;

  // biome-ignore lint/correctness/useExhaustiveDependencies: another round asks the same question again
  useEffect(() => {
    const queue = line.current;
    queue.wanted = key;
    if (key === null) {
      queue.next = null;
      setState(NOTHING);
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
        let failed: string | null = null;
        const answer = await asking.current(current).catch((error: unknown) => {
          failed = error instanceof Error ? error.message : String(error);
          return undefined;
        });
        if (queue.wanted === null) break;
        setState({ answer, busy: queue.next !== null || queue.wanted !== currentKey, answered: currentKey, failed });
      }
      queue.running = false;
    }
    return () => clearTimeout(timer);
  }, [key, waitMs, round]);

  const again = useCallback(() => setRound((n) => n + 1), []);
  return { ...state, again };
}
