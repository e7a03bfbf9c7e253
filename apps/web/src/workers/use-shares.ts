import { type Batch, summarise } from "@amp-saver/core/study/confidence";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { useEffect, useState } from "react";
import { pool } from "./pool.ts";

/** In how many of how many trials one case held; null while it has not been tried. */
export type Share = { readonly holds: number; readonly trials: number } | null;

/** Trials for each case of a comparison: enough to tell nine in ten from seven in ten. */
const TRIALS = 100;
const BATCH = 25;
const SEED = 1;
const SETTLED_MS = 300;

/** Tries every case of a comparison in the pool, one after the other, once it stands still; a newer comparison ends it. */
export function useShares(cases: readonly StartCase[] | null): readonly Share[] {
  const key = cases === null ? null : JSON.stringify(cases);
  const [shares, setShares] = useState<{ readonly key: string | null; readonly list: readonly Share[] }>({ key: null, list: [] });
  useEffect(() => {
    if (key === null) return undefined;
    const asked = JSON.parse(key) as StartCase[];
    let wanted = true;
    let next = 0;
    const work = async (desk: ReturnType<typeof pool>[number]): Promise<void> => {
      while (wanted && next < asked.length) {
        const at = next;
        next += 1;
        const batches: Batch[] = [];
        for (let from = 0; wanted && from < TRIALS; from += BATCH) {
          const batch = await desk.batch(asked[at]!, SEED, from, from + BATCH);
          if (batch !== null) batches.push(batch);
        }
        if (!wanted) return;
        const { holds, trials } = summarise(batches);
        setShares((old) => ({
          key,
          list: asked.map((_, i) => (i === at ? { holds, trials } : old.key === key ? (old.list[i] ?? null) : null)),
        }));
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
