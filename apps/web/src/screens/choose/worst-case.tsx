import type { Job } from "@amp-saver/records";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { CHOOSE } from "../../words/choose.ts";
import { weakestSource } from "./choose.view.ts";

/** Offers the weakest source and the rig's own worst day where the job asks about another: a remedy is judged there. */
export function WorstCase({ bundle: { job, rig, sources } }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const weakest = weakestSource(sources);
  const ask = (change: Partial<Job>): void => void commit(editCommit(job, { ...change, answer: null }));
  const milder =
    (job.outdoorC !== null && job.outdoorC < rig.hottestC.value) || (job.altitudeM !== null && job.altitudeM < rig.altitudeM.value);
  return (
    <div className="mt-2 flex flex-wrap gap-x-3 gap-y-2">
      {weakest !== undefined && weakest.id !== job.sourceId && (
        <Button onClick={() => ask({ sourceId: weakest.id })}>{CHOOSE.askWeakest(weakest.name)}</Button>
      )}
      {milder && <Button onClick={() => ask({ outdoorC: null, altitudeM: null })}>{CHOOSE.askWorstDay}</Button>}
    </div>
  );
}
