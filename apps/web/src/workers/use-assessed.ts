import { type Assessment, assess, type Fit } from "@amp-saver/core/study/assess";
import type { StartCase } from "@amp-saver/core/study/motor-start";
import { useMemo } from "react";
import { useGlances } from "./use-study.ts";
import { useShares } from "./use-trials.ts";

/** Several cases judged by their tries, in order: null for one that is still being tried, or cannot be put together. */
export interface Assessed {
  readonly assessments: readonly (Assessment | null)[];
  readonly busy: boolean;
  readonly failed: string | null;
  readonly again: () => void;
}

/** Judges several cases; each as soon as its tries are in. */
export function useAssessments(cases: readonly StartCase[] | null): Assessed {
  const glances = useGlances(cases);
  const { shares, running, failed, again } = useShares(cases);
  const current = cases !== null && glances.answered === JSON.stringify(cases);
  const assessments = useMemo(
    () =>
      (current ? (glances.answer ?? []) : []).map((result, i) => {
        const assessment = result === null ? null : assess(result, shares[i] ?? null);
        return assessment?.provisional === false ? assessment : null;
      }),
    [current, glances.answer, shares],
  );
  return { assessments, busy: running || glances.busy, failed: failed ?? glances.failed, again: failed === null ? glances.again : again };
}

/** The fits alone, for lists that compare. */
export function useAssessed(cases: readonly StartCase[] | null): readonly (Fit | null)[] {
  const { assessments } = useAssessments(cases);
  return useMemo(() => assessments.map((a) => a?.fit ?? null), [assessments]);
}
