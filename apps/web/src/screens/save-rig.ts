import type { AnyRecord, Sharing } from "@amp-saver/records";
import { newId, nowIso } from "../store/identity.ts";
import type { RecordStore } from "../store/port.ts";
import { ownRecords, type RigBundle } from "../store/queries.ts";
import { saveFile } from "../ui/save-file.ts";
import { CORE_VERSION } from "../workbench/core-version.ts";
import { sharingFor, travelled } from "../workbench/sharing.ts";

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
  await save(store, records, more.length === 0 ? bundle.rig.name : "all rigs", await shareOut(store, bundles));
}

/** A case to ask others about: plan, photos, readings and recordings, without the rig's name and note and without anyone's voice. */
export async function saveCase(store: RecordStore, bundle: RigBundle, name: string): Promise<void> {
  const records = recordsOf(bundle)
    .filter((r) => r.kind !== "sound")
    .map((r) => (r.kind === "rig" ? { ...r, name, note: "" } : r));
  await save(store, records, name, null);
}

async function save(
  store: RecordStore,
  records: readonly AnyRecord[],
  name: string,
  shared: Readonly<Record<string, Sharing>> | null,
): Promise<void> {
  const { rigFile, rigSlug } = await import("../workbench/rig-file.ts");
  const pixeled = records.filter((r) => r.kind === "photo" || r.kind === "sound" || r.kind === "waveform");
  if (pixeled.length === 0) {
    const file = rigFile(records, name, nowIso(), shared);
    saveFile(file.name, file.text, "application/json");
    return;
  }
  const { writeRigArchive } = await import("@amp-saver/records/archive");
  const pixels = new Map<string, Uint8Array>();
  for (const { id } of pixeled) {
    const bytes = await store.pixels(id);
    if (bytes !== undefined) pixels.set(id, bytes);
  }
  const bytes = writeRigArchive(records, pixels, nowIso(), CORE_VERSION, shared) as Uint8Array<ArrayBuffer>;
  saveFile(`${rigSlug(name)}.ampsaver.zip`, new Blob([bytes]), "application/zip");
}

/** Notes in which state each rig goes out, so that the same rig can be told from it when it comes back. */
async function shareOut(store: RecordStore, bundles: readonly RigBundle[]): Promise<Readonly<Record<string, Sharing>>> {
  const shared: Record<string, Sharing> = {};
  for (const bundle of bundles) {
    const { id } = bundle.rig;
    const travels = await store.shared(id);
    const revision = newId<string>();
    shared[id] = sharingFor(travels, revision);
    await store.keepShared(id, travelled(travels, { revision, records: recordsOf(bundle) }));
  }
  return shared;
}
