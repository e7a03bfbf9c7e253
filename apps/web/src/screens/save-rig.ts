import { nowIso } from "../store/identity.ts";
import type { RigBundle } from "../store/queries.ts";
import { saveFile } from "../ui/save-file.ts";
import { rigFile } from "../workbench/rig-file.ts";

/** Every record of a rig. */
export function recordsOf({ rig, units, sources, jobs, readings }: RigBundle) {
  return [rig, ...units, ...sources, ...jobs, ...readings];
}

/** Hands the browser one file with everything of these rigs, named after the first unless told otherwise. */
export function saveRig(bundle: RigBundle, ...more: readonly RigBundle[]): void {
  const bundles = [bundle, ...more];
  const file = rigFile(bundles.flatMap(recordsOf), more.length === 0 ? bundle.rig.name : "all rigs", nowIso());
  saveFile(file.name, file.text, "application/json");
}
