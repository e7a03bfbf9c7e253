import type { AnyRecord } from "@amp-saver/records";
import { nowIso } from "../store/identity.ts";
import type { RecordStore } from "../store/port.ts";
import { ownRecords, type RigBundle } from "../store/queries.ts";
import { saveFile } from "../ui/save-file.ts";
import { CORE_VERSION } from "../workbench/core-version.ts";

/** Every record of a rig, and the starters of the catalogue that its jobs ask about. */
export function recordsOf(bundle: RigBundle): AnyRecord[] {
  const asked = new Set(bundle.jobs.map((job) => job.starterId));
  return [...ownRecords(bundle), ...bundle.starters.filter((s) => asked.has(s.id))];
}

/** Hands the browser one file with everything of these rigs, named after the first unless told otherwise: an archive where there are photos. */
export async function saveRig(store: RecordStore, bundle: RigBundle, ...more: readonly RigBundle[]): Promise<void> {
  const bundles = [bundle, ...more];
  const records =
    more.length === 0
      ? recordsOf(bundle)
      : [...new Map(bundles.flatMap((b) => [...recordsOf(b), ...b.starters]).map((r) => [r.id, r])).values()];
  const name = more.length === 0 ? bundle.rig.name : "all rigs";
  const { rigFile, rigSlug } = await import("../workbench/rig-file.ts");
  const photos = records.filter((r) => r.kind === "photo" || r.kind === "sound" || r.kind === "waveform");
  if (photos.length === 0) {
    const file = rigFile(records, name, nowIso());
    saveFile(file.name, file.text, "application/json");
    return;
  }
  const { writeRigArchive } = await import("@amp-saver/records/archive");
  const pixels = new Map<string, Uint8Array>();
  for (const { id } of photos) {
    const bytes = await store.pixels(id);
    if (bytes !== undefined) pixels.set(id, bytes);
  }
  const bytes = writeRigArchive(records, pixels, nowIso(), CORE_VERSION) as Uint8Array<ArrayBuffer>;
  saveFile(`${rigSlug(name)}.ampsaver.zip`, new Blob([bytes]), "application/zip");
}
