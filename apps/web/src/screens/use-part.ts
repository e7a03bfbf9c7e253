import { useCallback } from "react";
import { useNavigate, useParams } from "react-router";

/** The part of a stage that is open, by its address, and how to open another in its place. */
export function usePart<P extends string>(parts: readonly P[], usual: P): readonly [P, (next: P) => void] {
  const { jobId = "", stage = "", part } = useParams();
  const navigate = useNavigate();
  const open = useCallback(
    (next: P) => void navigate(`/job/${jobId}/${stage}/${next}`, { replace: true, preventScrollReset: true }),
    [navigate, jobId, stage],
  );
  return [parts.find((p) => p === part) ?? usual, open];
}
