import type { Result } from "@amp-saver/core/quantity";
import { ASSESS_PARAMS, undecided } from "@amp-saver/core/study/assess";
import { type Batch, type Confidence, summarise, TRIES_SEED, type Trial } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { useMemo } from "react";
import type { BatchPlan } from "./run-batches.ts";
import { RANK } from "./study-queue.ts";
import { useBatches } from "./use-batches.ts";

/** Tries of the question that is looked at, and of each case of a comparison at first. */
export const TRIALS = 1000;
const COMPARED = ASSESS_PARAMS.triesToSay.value;

type Tried = Result<Batch, string>;

const ask: BatchPlan<StartCase, Tried>["ask"] = (remote, given, from, to) => remote.batch(given, TRIES_SEED, from, to);

/** Batches that could be tried; a case that cannot be put together has none. */
function known(batches: readonly Tried[]): Batch[] {
  return batches.flatMap((b) => (b.ok ? [b.value] : []));
}

const LOOKED_AT: BatchPlan<StartCase, Tried> = { total: TRIALS, size: 25, settledMs: 250, rank: RANK.tried, ask };
const SIDE_BY_SIDE: BatchPlan<StartCase, Tried> = {
  total: COMPARED,
  size: 25,
  settledMs: 300,
  rank: RANK.compared,
  ask,
  goOn: (batches, done) => {
    const tried = summarise(known(batches));
    return done < TRIALS && tried.trials > 0 && undecided(tried.interval) ? TRIALS : done;
  },
};

/** The same, every case counted to the end once it has enough to say: figures that stand beside each other come of as many tries. */
const COUNTED_OUT: BatchPlan<StartCase, Tried> = {
  ...SIDE_BY_SIDE,
  goOn: (batches, done) => (done < TRIALS && summarise(known(batches)).trials > 0 ? TRIALS : done),
};

const NO_TRIALS: readonly Trial[] = [];

/** How far the trials of a question have come. */
export interface Trials {
  readonly confidence: Confidence | null;
  /** The trials themselves, for what is read out of them. */
  readonly trials: readonly Trial[];
  readonly running: boolean;
  /** Key of the question that was tried. */
  readonly tried: string | null;
  readonly failed: string | null;
  readonly stop: () => void;
  readonly again: () => void;
}

/** Tries a question a thousand times once it has settled; the same question always ends in the same figures. */
export function useTrials(given: StartCase | null): Trials {
  const questions = useMemo(() => (given === null ? null : [given]), [given]);
  const { key, of, running, failed, stop, again } = useBatches(questions, LOOKED_AT);
  const batches = of[0];
  const confidence = useMemo(() => (batches === undefined || batches.length === 0 ? null : summarise(known(batches))), [batches]);
  const trials = useMemo(() => (batches === undefined ? NO_TRIALS : known(batches).flatMap((b) => b.trials)), [batches]);
  const current = questions !== null && key === JSON.stringify(questions);
  const tried = current && given !== null ? JSON.stringify(given) : null;
  return {
    confidence: current ? confidence : null,
    trials: current ? trials : NO_TRIALS,
    running: running || (given !== null && !current),
    tried,
    failed: current ? failed : null,
    stop,
    again,
  };
}

/** Tries of every case of a comparison, `countedOut` or only as many as it takes to say; null for one that has none yet, or of which a newer comparison is asked. */
export function useShares(
  cases: readonly StartCase[] | null,
  countedOut = false,
): {
  readonly shares: readonly (Confidence | null)[];
  readonly running: boolean;
  readonly failed: string | null;
  readonly again: () => void;
} {
  const { key, of, running, failed, again } = useBatches(cases, countedOut ? COUNTED_OUT : SIDE_BY_SIDE);
  const current = cases !== null && key === JSON.stringify(cases);
  const shares = useMemo(
    () => (current ? of.map((batches) => (batches.length === 0 ? null : summarise(known(batches)))) : []),
    [current, of],
  );
  return { shares, running: running || (cases !== null && !current), failed: current ? failed : null, again };
}
