import { type AnyRecord, listed, RECORD_KINDS, type RecordKind, type RecordOf, type Rig, type RigId, recordKey } from "@amp-saver/records";
import { dequal } from "dequal/lite";
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

/**
 * Reads a rig whole; undefined when it is not kept. Of a bundle read before, records and lists stay the same objects while
 * they say the same: what is worked out from a record then need not be worked out again because another has changed.
 */
export async function readBundle(store: RecordStore, rigId: RigId, before?: RigBundle): Promise<RigBundle | undefined> {
  const known = new Map((before === undefined ? [] : [...ownRecords(before), ...before.starters]).map((r) => [recordKey(r), r]));
  const all = (await store.records([rigId])).map((record) => {
    const was = known.get(recordKey(record));
    return dequal(was, record) ? (was ?? record) : record;
  });
  const rig = all.find((r) => r.kind === "rig" && r.id === rigId);
  if (rig === undefined) return undefined;
  const listOf = (kind: Many): readonly AnyRecord[] => {
    const [was, list] = [before?.[`${kind}s`], listed(kind, all)];
    return was !== undefined && hasSame(was, list) ? was : list;
  };
  return { rig, ...Object.fromEntries(MANY.map((kind) => [`${kind}s`, listOf(kind)])) } as RigBundle;
}

/** Whether both are of the very same objects, in the same order. */
export function hasSame(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, i) => item === b[i]);
}
