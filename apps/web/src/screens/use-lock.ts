import { newFitLog, type Wiring } from "@amp-saver/records";
import { useMemo, useRef } from "react";
import { newId } from "../store/identity.ts";
import { turnLocalProof, useLocalProofs } from "../store/local-proof.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { useNow } from "../store/use-now.ts";
import { countedFitLog, isolationView, lockNow, ofTheRoof, roofProof } from "./isolate/isolate.view.ts";
import { lockKeeper } from "./isolate/lock-keeper.ts";

/**
 * The visit of a job as it counts on this device, whether its work is open, and what changes that. Evidence
 * counts only in the measuring that was begun here since power was last on.
 */
export function useLock(bundle: JobBundle, wiring: Wiring, everyS: number) {
  const { job, rig, unit, units, sources, works, jobs, wirings } = bundle;
  const { commit } = useStore();
  const deadProofOf = useLocalProofs([...new Set([job.id, ...jobs.map((j) => j.id)])]);
  const proof = deadProofOf(job.id);
  const now = useNow(everyS);
  const stored = useMemo(() => works.find((w) => w.jobId === job.id) ?? newFitLog(job.createdAt, job), [works, job]);
  const work = useMemo(() => countedFitLog(stored, proof, now), [stored, proof, now]);
  const view = useMemo(() => isolationView({ rig, unit, units, sources, wiring, work }), [rig, unit, units, sources, wiring, work]);
  const lock = lockNow(view, proof, now);
  const begunOn = useRef<typeof stored | null>(null);
  const roof =
    lock === null || !view.open.some(ofTheRoof)
      ? null
      : roofProof(job, { rig, units, sources, wirings, jobs, works, deadProofOf, nowMs: now });
  const proofs = { of: deadProofOf, turn: turnLocalProof };
  const keeper = lockKeeper({
    job,
    jobs,
    stored,
    work,
    view,
    lock,
    roof,
    begunOn,
    proofs,
    commit,
    newRun: newId<string>,
    nowMs: Date.now,
  });
  return { work, view, lock, proof, now, roof, ...keeper };
}
