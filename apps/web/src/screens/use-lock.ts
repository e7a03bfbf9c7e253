import { newFitLog, type Wiring } from "@amp-saver/records";
import { useMemo, useRef } from "react";
import { newId } from "../store/identity.ts";
import { turnLocalProof, useLocalProofs } from "../store/local-proof.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { useNow } from "../store/use-now.ts";
import { lockKeeper, lockState } from "./isolate/lock-keeper.ts";

/**
 * The visit of a job as it counts on this device, whether its work is open, and what changes that. Evidence
 * counts only in the measuring that was begun here since power was last on.
 */
export function useLock(bundle: JobBundle, wiring: Wiring, everyS: number) {
  const { job, unit, works, jobs } = bundle;
  const { commit } = useStore();
  const ids = useMemo(() => [...new Set([job.id, ...jobs.map((j) => j.id)])], [job.id, jobs]);
  const deadProofOf = useLocalProofs(ids);
  const now = useNow(everyS);
  const stored = useMemo(() => works.find((w) => w.jobId === job.id) ?? newFitLog(job.createdAt, job), [works, job]);
  const state = useMemo(
    () => lockState({ job, bundle, unit, wiring, stored, deadProofOf, nowMs: now }),
    [job, bundle, unit, wiring, stored, deadProofOf, now],
  );
  const begunOn = useRef<typeof stored | null>(null);
  const proofs = { of: deadProofOf, turn: turnLocalProof };
  const keeper = lockKeeper({ job, jobs, stored, ...state, begunOn, proofs, commit, newRun: newId<string>, nowMs: Date.now });
  return { ...state, stored, now, ...keeper };
}
