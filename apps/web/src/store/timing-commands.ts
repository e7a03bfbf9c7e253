import { type Job, newTiming, type Timing } from "@amp-saver/records";
import { away, birth, put } from "./commands.ts";
import type { Commit } from "./port.ts";

/** A time to speed kept as a reading of its own kind. */
export function addTimingCommit(job: Job, when: Timing["when"], told: Pick<Timing, "heard" | "countedS" | "sourceId">): Commit {
  return { label: "add-timing", changes: [put(newTiming(birth(), job, when, told))] };
}

/** Takes a time to speed away. */
export function deleteTimingCommit(timing: Timing): Commit {
  return { label: "delete-timing", changes: [away(timing)] };
}
