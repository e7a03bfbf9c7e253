import { CORE_VERSION } from "@amp-saver/core/version";
import type { AirConditioner, Job, Rig, Source } from "@amp-saver/records";

/** Whether a job's kept answer is older than what it was worked out from, provisional, of another core, or not there at all. */
export function answerStale(job: Job, rig: Rig, unit: AirConditioner, source: Source | undefined): boolean {
  const { answer } = job;
  if (answer === null || answer.provisional || answer.coreVersion !== CORE_VERSION) return true;
  if (answer.sourceId !== job.sourceId || answer.method !== job.method) return true;
  return [job, rig, unit, source].some((record) => record !== undefined && record.updatedAt > answer.at);
}
