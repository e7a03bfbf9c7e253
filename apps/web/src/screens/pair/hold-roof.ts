import { useEffect, useMemo } from "react";
import { useLocation } from "react-router";
import { usePair } from "../../pairing/current.ts";
import { useLocalProofs } from "../../store/local-proof.ts";
import type { JobBundle } from "../../store/queries.ts";

/** Tells the other phone while this one holds the roof as dead, and while hands are in the unit. */
export function useHoldRoof({ job, rig }: JobBundle): void {
  const paired = usePair();
  const proofOf = useLocalProofs(useMemo(() => [job.id], [job.id]));
  const { pathname } = useLocation();
  const proof = proofOf(job.id);
  const isDead = proof !== null && proof.evidence !== null;
  const what = isDead ? (pathname.includes("/fit") ? ("hands" as const) : ("dead" as const)) : null;
  const pair = paired?.pair;
  const ours = paired !== null && paired.view.link.rigId === rig.id && paired.view.session.line !== "closed";
  useEffect(() => {
    if (ours) pair?.holdRoof(what, job.id);
  }, [pair, ours, what, job.id]);
}
