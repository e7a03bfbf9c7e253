import { type AnyRecord, listed, RECORD_KINDS, type RecordKind, type RecordOf, type Rig, type RigId } from "@amp-saver/records";
import type { RecordStore } from "./port.ts";

type Many = Exclude<RecordKind, "rig">;

/**
 * One rig with all that belongs to it, kind by kind, and the catalogue of starters, which belongs to every rig. Of photos,
 * spoken notes and recorded starts it holds the records; their bytes are asked for one by one.
 */
export type RigBundle = { readonly rig: Rig } & { readonly [K in Many as `${K}s`]: readonly RecordOf[K][] };

const MANY = RECORD_KINDS.filter((kind) => kind !== "rig");

/** Every record that belongs to a rig, itself first; the catalogue apart. */
export function ownRecords(bundle: RigBundle): AnyRecord[] {
  return [bundle.rig, ...MANY.filter((kind) => kind !== "starter").flatMap((kind): readonly AnyRecord[] => bundle[`${kind}s`])];
}

/** Reads a rig whole; undefined when it is not kept. */
export async function readBundle(store: RecordStore, rigId: RigId): Promise<RigBundle | undefined> {
  const all = await store.records([rigId]);
  const rig = all.find((r) => r.kind === "rig" && r.id === rigId);
  if (rig === undefined) return undefined;
  return { rig, ...Object.fromEntries(MANY.map((kind) => [`${kind}s`, listed(kind, all)])) } as RigBundle;
}
