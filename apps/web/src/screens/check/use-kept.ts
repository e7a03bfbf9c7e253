import { useEffect } from "react";
import { answersCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { answerStale } from "../../workbench/answer-age.ts";
import type { CheckView } from "../../workbench/check-view.ts";
import { CORE_VERSION } from "../../workbench/core-version.ts";

const SETTLED_MS = 600;

/** Keeps the answer with the job once it has settled and differs from the one kept. */
export function useKept({ job, rig, unit, sources }: JobBundle, view: CheckView | null, busy: boolean): void {
  const { commit } = useStore();
  const deciding = view === null ? null : (view[view.decides]?.marginA ?? null);
  const marginA = deciding !== null && deciding <= 0 && view?.overall !== "too-much" ? null : deciding;
  const rounded = marginA === null ? null : Math.round(marginA * 10) / 10;
  const { sourceId, method, answer } = job;
  const stale = answerStale(
    job,
    rig,
    unit,
    sources.find((s) => s.id === sourceId),
  );
  const same = answer !== null && view !== null && !stale && answer.fit === view.overall && answer.marginA === rounded;
  useEffect(() => {
    if (view === null || busy || same || sourceId === null) return undefined;
    const timer = setTimeout(
      () =>
        void commit(
          answersCommit([
            {
              job,
              answer: {
                fit: view.overall,
                decides: view.decides,
                marginA: rounded,
                sourceId,
                method,
                at: nowIso(),
                coreVersion: CORE_VERSION,
              },
            },
          ]),
        ),
      SETTLED_MS,
    );
    return () => clearTimeout(timer);
  }, [view, busy, same, sourceId, method, rounded, job, commit]);
}
