import { CORE_VERSION } from "@amp-saver/core/version";
import { type AnyRecord, asId, grouped, hasBlob, rigFileParts, rigOf, type Sharing, type Tell } from "@amp-saver/records";
import { fileStem, NOTHING_SHARED, rigSlug, type SharedStates, sharingFor, withState } from "@amp-saver/records/exchange";
import { readBundle } from "../store/bundle.ts";
import { newId, nowIso } from "../store/identity.ts";
import type { RecordStore } from "../store/port.ts";
import { recordsOf } from "./kept.ts";

/** A file that is ready to be saved. */
export interface FileOut {
  readonly name: string;
  readonly blob: Blob;
}

/** One rig, in a file with its name or without, or as a case without names; all of them; the library of models. */
export type Wanted =
  | { readonly what: "rig"; readonly rigId: string; readonly named: boolean }
  | { readonly what: "case"; readonly rigId: string; readonly name: string }
  | { readonly what: "all"; readonly name: string }
  | { readonly what: "library"; readonly name: string };

/** Writes one file with everything that is wanted: an archive where there are photos, sounds or recordings. Null when the rig is gone. */
export async function rigsOut(store: RecordStore, wanted: Wanted, tell: Tell): Promise<FileOut | null> {
  const found = await gathered(store, wanted);
  if (found === null) return null;
  tell(0.2);
  const { records, stem } = found;
  const shared = wanted.what === "case" ? null : await shareOut(store, records);
  tell(0.5);
  const pixeled = records.filter((r) => hasBlob(r.kind));
  const now = nowIso();
  if (pixeled.length === 0) {
    const parts: string[] = [];
    let written = 0;
    for (const part of rigFileParts(records, now, CORE_VERSION, shared)) {
      parts.push(part);
      written += PART;
      tell(0.5 + 0.5 * Math.min(1, written / records.length));
    }
    return { name: `${stem}.ampsaver.json`, blob: new Blob(parts, { type: "application/json" }) };
  }
  const { rigArchiveParts } = await import("@amp-saver/records/archive");
  let asked = 0;
  const pixelsOf = (id: string): Promise<Uint8Array | undefined> => {
    asked += 1;
    tell(0.5 + (0.5 * asked) / pixeled.length);
    return store.blobs(id);
  };
  const parts: Blob[] = [];
  for await (const part of rigArchiveParts(records, pixelsOf, now, CORE_VERSION, shared)) parts.push(new Blob([part as BlobPart]));
  return { name: `${stem}.ampsaver.zip`, blob: new Blob(parts, { type: "application/zip" }) };
}

/** Records in one part of a file that is written. */
const PART = 500;

async function gathered(
  store: RecordStore,
  wanted: Wanted,
): Promise<{ readonly records: readonly AnyRecord[]; readonly stem: string } | null> {
  if (wanted.what === "all") return { records: await store.records(null), stem: rigSlug(wanted.name) };
  if (wanted.what === "library") return { records: await store.list("pattern"), stem: rigSlug(wanted.name) };
  const bundle = await readBundle(store, asId("rig", wanted.rigId));
  if (bundle === undefined) return null;
  const records = recordsOf(bundle);
  if (wanted.what === "rig") return { records, stem: fileStem(wanted.named, "rig", bundle.rig.id, bundle.rig.name) };
  const { name } = wanted;
  return {
    stem: rigSlug(name),
    records: records.filter((r) => r.kind !== "sound").map((r) => (r.kind === "rig" ? { ...r, name, note: "" } : r)),
  };
}

/** Notes in which state each rig goes out, so that the same rig can be told from it when it comes back. */
async function shareOut(store: RecordStore, records: readonly AnyRecord[]): Promise<Readonly<Record<string, Sharing>>> {
  const shared: Record<string, Sharing> = {};
  const next = new Map<string, SharedStates>();
  const groups = grouped(records, rigOf);
  const kept = await store.shared([...groups.keys()].filter((id) => id !== null));
  const starters = groups.get(null) ?? [];
  for (const [id, own] of groups) {
    if (id === null) continue;
    const asked: ReadonlySet<string> = new Set(own.flatMap((r) => (r.kind === "job" && r.starterId != null ? [r.starterId] : [])));
    const states = kept.get(id) ?? NOTHING_SHARED;
    const revision = newId<string>();
    shared[id] = sharingFor(states, revision);
    next.set(id, withState(states, { revision, records: [...own, ...starters.filter((s) => asked.has(s.id))] }));
  }
  await store.keepShared(next);
  return shared;
}
