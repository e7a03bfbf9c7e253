import { useLocalRest } from "../../store/local-rest.ts";
import type { JobBundle } from "../../store/queries.ts";
import { eventsOf } from "../learn/learn.view.ts";

/** When the unit of a job was off last, as told or by the end of its latest run, ms; 0 for not known. And how to tell that it is off now. */
export function useOffSince({ job, learnings }: JobBundle): readonly [number, () => void] {
  const learning = learnings.find((l) => l.jobId === job.id);
  const lastRunMs = learning === undefined ? null : (eventsOf(learning).findLast((e) => e.what === "stop")?.at ?? null);
  const [offMs, isOff] = useLocalRest(job.id);
  return [Math.max(lastRunMs ?? 0, offMs ?? 0), isOff];
}
