import type { StartResult } from "./result.ts";

/** Which of start and run has less to spare at the centre: the start where it is not made, the run where it is not kept up. */
export function tightest({ status, start, run, findings }: StartResult): "start" | "run" {
  if (status !== "started" || findings.some((f) => f.code === "surge-time")) return "start";
  if (run === null) return "run";
  return (start.spareShare ?? Number.POSITIVE_INFINITY) < (run.spareShare ?? Number.POSITIVE_INFINITY) ? "start" : "run";
}
