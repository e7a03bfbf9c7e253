import type { Remote } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import { pool } from "./pool.ts";
import { queue } from "./queue.ts";
import type { TrialDesk } from "./trial.worker.ts";

/** One question of several, with the members it is tried with. */
interface Task<Q> {
  readonly at: number;
  readonly question: Q;
  readonly from: number;
  readonly to: number;
}

/** How many members each question is tried with, how many at a time, and how long it must stand still first. */
export interface BatchPlan<Q, B> {
  readonly total: number;
  readonly size: number;
  readonly settledMs: number;
  /** Batches of a plan that comes earlier go first: what is looked at before what stands beside it. */
  readonly rank: number;
  /** Asks a worker for members `from` to `to` of one question. */
  readonly ask: (desk: Remote<TrialDesk>, question: Q, from: number, to: number) => Promise<B>;
  /** How many to go on to, seen what came of those so far; the same number ends it. */
  readonly goOn?: (batches: readonly B[], done: number) => number;
}

/** What came of each question so far, in the order of its members whatever the order they were tried in. */
export interface Batches<B> {
  readonly key: string | null;
  readonly of: readonly (readonly B[])[];
  readonly running: boolean;
  /** What went wrong, in words to copy; null while nothing did. */
  readonly failed: string | null;
  readonly stop: () => void;
  readonly again: () => void;
}

/**
 * Tries questions member by member in the pool once they stand still; newer questions, or stop, end it
 * after the batches in hand. Everything that is tried on a screen goes through here.
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
    const asked = JSON.parse(key) as Q[];
    const { size, total, settledMs, rank } = kept.current;
    const done = asked.map(() => new Map<number, B>());
    const waiting: Task<Q>[] = [];
    const plan = (at: number, from: number, to: number): void => {
      for (let k = from; k < to; k += size) waiting.push({ at, question: asked[at]!, from: k, to: Math.min(to, k + size) });
    };
    asked.forEach((_, at) => {
      plan(at, 0, total);
    });
    const reached = asked.map(() => total);
    let wanted = true;
    const ticket = Symbol("batches");
    const inOrder = (at: number): B[] => [...done[at]!.entries()].toSorted(([a], [b]) => a - b).map(([, batch]) => batch);
    const show = (running: boolean, failed: string | null = null): void =>
      setState({ key, of: asked.map((_, at) => inOrder(at)), running, failed });
    const work = async (desk: ReturnType<typeof pool>[number]): Promise<void> => {
      for (let task = waiting.shift(); wanted && task !== undefined; task = waiting.shift()) {
        await queue.turn(rank);
        if (!wanted) return;
        const { at, question, from, to } = task;
        const batch = await desk.call((remote) => kept.current.ask(remote, question, from, to));
        if (!wanted) return;
        done[at]!.set(from, batch);
        const further = kept.current.goOn;
        const complete = done[at]!.size * size >= reached[at]!;
        if (complete && further !== undefined) {
          const next = further(inOrder(at), reached[at]!);
          plan(at, reached[at]!, next);
          reached[at] = Math.max(reached[at]!, next);
        }
        show(true);
      }
    };
    const timer = setTimeout(() => {
      setState((old) =>
        old.key === key ? { ...old, running: true, failed: null } : { key, of: asked.map(() => []), running: true, failed: null },
      );
      queue.enter(ticket, rank);
      void Promise.all(pool().map(work))
        .finally(() => queue.leave(ticket))
        .then(
          () => wanted && show(false),
          (error: unknown) => {
            if (!wanted) return;
            wanted = false;
            show(false, String(error instanceof Error ? error.message : error));
          },
        );
    }, settledMs);
    const end = (): void => {
      wanted = false;
      queue.leave(ticket);
      clearTimeout(timer);
    };
    cancel.current = () => {
      end();
      show(false);
    };
    return end;
  }, [key, round]);

  const stop = useCallback(() => cancel.current(), []);
  const again = useCallback(() => setRound((n) => n + 1), []);
  return { ...state, stop, again };
}
