import { type Batch, summarise } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { useEffect, useState } from "react";
import { undecided } from "../workbench/trials.ts";
import { pool } from "./pool.ts";
import { TRIALS } from "./use-trials.ts";

/** In how many of how many trials one case held; null while it has not been tried. */
export type Share = { readonly holds: number; readonly trials: number } | null;

/** Trials for each case of a comparison, and for those that as many leave in doubt: then as many as Check makes. */
const FIRST = 100;
const BATCH = 25;
const SEED = 1;
const SETTLED_MS = 300;

interface Told {
  readonly key: string | null;
  readonly list: readonly Share[];
}

/**
 * Tries every case of a comparison in the pool once it stands still, then goes on with those whose
 * interval still spans the share that "fits" asks for; a newer comparison ends it.
 */
export function useShares(cases: readonly StartCase[] | null): readonly Share[] {
  const key = cases === null ? null : JSON.stringify(cases);
  const [shares, setShares] = useState<Told>({ key: null, list: [] });
  useEffect(() => {
    if (key === null) return undefined;
    const asked = JSON.parse(key) as StartCase[];
    const batches: Batch[][] = asked.map(() => []);
    const waiting = asked.map((_, at) => ({ at, from: 0, to: FIRST }));
    let wanted = true;
    const work = async (desk: ReturnType<typeof pool>[number]): Promise<void> => {
      for (let next = waiting.shift(); wanted && next !== undefined; next = waiting.shift()) {
        const { at, from, to } = next;
        for (let k = from; wanted && k < to; k += BATCH) {
          const batch = await desk.batch(asked[at]!, SEED, k, k + BATCH);
          if (batch !== null) batches[at]!.push(batch);
        }
        if (!wanted) return;
        const { holds, trials, interval } = summarise(batches[at]!);
        setShares((old) => ({
          key,
          list: asked.map((_, i) => (i === at ? { holds, trials } : old.key === key ? (old.list[i] ?? null) : null)),
        }));
        if (to < TRIALS && undecided(interval)) waiting.push({ at, from: to, to: TRIALS });
      }
    };
    const timer = setTimeout(() => void Promise.all(pool().map(work)), SETTLED_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [key]);
  return shares.key === key ? shares.list : [];
}
