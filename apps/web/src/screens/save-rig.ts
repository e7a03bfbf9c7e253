import { nowIso } from "../store/identity.ts";
import type { RigBundle } from "../store/queries.ts";
import { saveFile } from "../ui/save-file.ts";
import { rigFile } from "../workbench/rig-file.ts";

/** Every record of a rig, and the starters of the catalogue that its jobs ask about. */
export function recordsOf({ rig, units, sources, loads, jobs, readings, starters }: RigBundle) {
  const asked = new Set(jobs.map((job) => job.starterId));
  return [rig, ...units, ...sources, ...loads, ...jobs, ...readings, ...starters.filter((s) => asked.has(s.id))];
}

/** Hands the browser one file with everything of these rigs, named after the first unless told otherwise. */
export function saveRig(bundle: RigBundle, ...more: readonly RigBundle[]): void {
  const bundles = [bundle, ...more];
  const records =
    more.length === 0
      ? recordsOf(bundle)
      : [...new Map(bundles.flatMap((b) => [...recordsOf(b), ...b.starters]).map((r) => [r.id, r])).values()];
  const file = rigFile(records, more.length === 0 ? bundle.rig.name : "all rigs", nowIso());
  saveFile(file.name, file.text, "application/json");
}
