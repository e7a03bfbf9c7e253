import { type Batch, type Confidence, summarise } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import type { Remote } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import { pool } from "./pool.ts";
import type { TrialDesk } from "./trial.worker.ts";

/** How far the trials of a question have come. */
export interface Trials {
  readonly confidence: Confidence | null;
  readonly running: boolean;
  /** Key of the question that was tried. */
  readonly tried: string | null;
  readonly stop: () => void;
}

export const TRIALS = 1000;
const BATCH = 20;
const SEED = 1;
const SETTLED_MS = 500;

/**
 * Tries a question a thousand times in a pool of workers once it has settled; a newer question, or
 * stop, ends it after the batches in hand. Batches are summed in order, so the same question always
 * ends in the same figures.
 */
export function useTrials(given: StartCase | null): Trials {
  const key = given === null ? null : JSON.stringify(given);
  const [state, setState] = useState<Omit<Trials, "stop">>({ confidence: null, running: false, tried: null });
  const cancel = useRef<() => void>(() => undefined);

  useEffect(() => {
    setState({ confidence: null, running: key !== null, tried: key });
    if (key === null) return undefined;
    const question = JSON.parse(key) as StartCase;
    let wanted = true;
    let next = 0;
    const batches = new Map<number, Batch>();
    const show = (running: boolean): void => {
      const done = [...batches.entries()].toSorted(([a], [b]) => a - b).map(([, batch]) => batch);
      setState({ confidence: done.length === 0 ? null : summarise(done), running, tried: key });
    };
    const work = async (desk: Remote<TrialDesk>): Promise<void> => {
      while (wanted && next < TRIALS) {
        const from = next;
        next += BATCH;
        const batch = await desk.batch(question, SEED, from, from + BATCH);
        if (batch === null) wanted = false;
        else if (wanted) {
          batches.set(from, batch);
          show(true);
        }
      }
    };
    const timer = setTimeout(() => {
      void Promise.all(pool().map(work)).then(() => wanted && show(false));
    }, SETTLED_MS);
    const end = (): void => {
      wanted = false;
      clearTimeout(timer);
    };
    cancel.current = () => {
      end();
      show(false);
    };
    return end;
  }, [key]);

  const stop = useCallback(() => cancel.current(), []);
  return { ...state, stop };
}
