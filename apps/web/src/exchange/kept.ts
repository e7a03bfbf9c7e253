import type { AnyRecord } from "@amp-saver/records";
import { ownRecords, type RigBundle } from "../store/bundle.ts";

/** Every record of a rig, and the starters of the catalogue that its jobs ask about. */
export function recordsOf(bundle: RigBundle): AnyRecord[] {
  const asked = new Set(bundle.jobs.map((job) => job.starterId));
  return [...ownRecords(bundle), ...bundle.starters.filter((s) => asked.has(s.id))];
}
