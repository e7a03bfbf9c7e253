import { hasSize } from "@amp-saver/cases";
import type { AirConditioner, Job, Reading, Stage } from "@amp-saver/records";

/** What a job needs next, and at which stage. */
export interface NextStep {
  readonly code: "plate" | "source" | "check" | "before" | "after" | "proof";
  readonly stage: Stage;
}

/** The next thing worth doing on a job. */
export function nextStep(job: Job, unit: AirConditioner, readings: readonly Reading[]): NextStep {
  if (!hasSize(unit)) return { code: "plate", stage: "survey" };
  if (job.sourceId === null) return { code: "source", stage: "survey" };
  if (job.answer === null) return { code: "check", stage: "check" };
  const own = readings.filter((r) => r.jobId === job.id && r.mode !== "live");
  if (!own.some((r) => r.when === "before")) return { code: "before", stage: "prove" };
  if (!own.some((r) => r.when === "after")) return { code: "after", stage: "prove" };
  return { code: "proof", stage: "prove" };
}
