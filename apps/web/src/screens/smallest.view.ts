import type { Smallest } from "@amp-saver/core/study/boundary";
import { CORE_VERSION } from "@amp-saver/core/version";
import type { AirConditioner, Job, Method, Rig, Source } from "@amp-saver/records";

/** Ways of starting in the order they are asked about: the one of the job first. */
export function waysOf({ method }: Job, methods: readonly Method[]): readonly Method[] {
  return [method, ...methods.filter((m) => m !== method)];
}

/** The smallest that works as kept with a job; null where it was never found, or anything it rests on has changed since. */
export function keptSmallest(
  job: Job,
  rig: Rig,
  unit: AirConditioner,
  source: Source | undefined,
): Readonly<Partial<Record<Method, Smallest>>> | null {
  const { smallest } = job;
  if (smallest === undefined || smallest.coreVersion !== CORE_VERSION || smallest.sourceId !== job.sourceId) return null;
  return [job, rig, unit, source].some((record) => record !== undefined && record.updatedAt > smallest.at) ? null : smallest.ways;
}
