import type { AirConditioner, Job } from "@amp-saver/records";
import type { JobBundle } from "../store/queries.ts";

/** The rig’s next unit after this job’s own, in the order of the rig and round again, with its newest job; null where no other unit has one. */
export function otherJob({ job, jobs, units }: Pick<JobBundle, "job" | "jobs" | "units">): {
  readonly unit: AirConditioner;
  readonly job: Job;
} | null {
  const at = units.findIndex((u) => u.id === job.unitId);
  for (const unit of [...units.slice(at + 1), ...units.slice(0, Math.max(0, at))]) {
    const own = jobs.filter((j) => j.unitId === unit.id).toSorted((a, b) => b.createdAt.localeCompare(a.createdAt));
    if (own[0] !== undefined) return { unit, job: own[0] };
  }
  return null;
}
