import type { AirConditioner, Job } from "@amp-saver/records";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { duplicateJobCommit, nextVisitCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Button } from "../../ui/button.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { HAND_OVER } from "../../words/hand-over.ts";
import { HISTORY } from "../../words/history.ts";

interface JobToolsProps {
  readonly job: Job;
  readonly units: readonly AirConditioner[];
  /** Whether any step of its plan was done. */
  readonly wired: boolean;
}

/** How a job goes on: a next visit once it is handed over, the same asked again, the way back where something was wired. */
export function JobTools({ job, units, wired }: JobToolsProps) {
  const { commit } = useStore();
  const navigate = useNavigate();
  const [asking, setAsking] = useState(false);
  const [unitId, setUnitId] = useState<AirConditioner["id"]>(job.unitId);
  const unit = units.find((u) => u.id === job.unitId)?.name ?? "";
  const begin = (made: ReturnType<typeof nextVisitCommit>, stage: string): void =>
    void commit(made.commit).then((result) => result.ok && navigate(`/job/${made.jobId}/${stage}`));
  return (
    <div className="mt-1 flex flex-wrap gap-2">
      {job.done.includes("hand-over") && (
        <Button
          aria-label={HISTORY.nextVisitOf(job.title, unit)}
          onClick={() => begin(nextVisitCommit(job, HAND_OVER.nextVisitTitle), "prove")}
        >
          {HISTORY.nextVisit}
        </Button>
      )}
      <Button aria-label={HISTORY.duplicateOf(job.title, unit)} onClick={() => setAsking(true)}>
        {HISTORY.duplicate}
      </Button>
      {wired && (
        <Link
          to={`/job/${job.id}/prepare/plan#way-back`}
          aria-label={HISTORY.wayBackOf(job.title, unit)}
          className="inline-flex min-h-[40px] items-center underline underline-offset-4 pointer-coarse:min-h-[48px]"
        >
          {HISTORY.wayBack}
        </Link>
      )}
      <Sheet open={asking} onOpenChange={setAsking} title={HISTORY.duplicateTitle(job.title)}>
        <p>{HISTORY.duplicateHelp}</p>
        <Pick
          label={HISTORY.onUnit}
          value={unitId}
          options={units.map((u) => ({ value: u.id, word: u.name }))}
          onChange={(id) => setUnitId(id)}
        />
        <Button look="primary" className="mt-4" onClick={() => begin(duplicateJobCommit(job, unitId), "check")}>
          {HISTORY.begin}
        </Button>
      </Sheet>
    </div>
  );
}
