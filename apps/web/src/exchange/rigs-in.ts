import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { grouped, type MergeSide, rigOf, type Tell } from "@amp-saver/records";
import type { ArchiveFailure } from "@amp-saver/records/archive";
import {
  changesOf,
  NOTHING_SHARED,
  type Offer,
  type OfferView,
  offerImport,
  offerView,
  readIn,
  type SharedStates,
  withState,
} from "@amp-saver/records/exchange";
import { importCommit } from "../store/commands.ts";
import type { RecordStore, StoreResult } from "../store/port.ts";

/** Share of the work that reading the file's text takes; comparing takes the rest. */
const READING = 0.8;

/** Reads a file and says what it would change; nothing is changed yet. */
export async function lookIn(
  store: RecordStore,
  bytes: Uint8Array,
  tell: Tell,
): Promise<Result<{ readonly offer: Offer; readonly view: OfferView }, ArchiveFailure>> {
  const read = await readIn(bytes, (share) => tell(READING * share));
  if (!read.ok) return fail(read.reason, read.where);
  const rigs = read.value.records.filter((r) => r.kind === "rig").map((r) => r.id);
  const kept = await store.records(rigs);
  const offer = offerImport(read.value, kept, await store.shared(rigs));
  tell(1);
  return ok({ offer, view: offerView(offer) });
}

/** Takes an offer in: all of it in one step that can be undone, or nothing. */
export async function takeIn(store: RecordStore, offer: Offer, sides: ReadonlyMap<number, MergeSide>, tell: Tell): Promise<StoreResult> {
  const { merge, blobs, shared, records } = offer;
  for (const [id, bytes] of blobs) {
    const kept = await store.keepBlob(id, bytes.slice());
    if (!kept.ok) return kept;
  }
  const rigs = records.filter((r) => r.kind === "rig").map((r) => r.id);
  const { put, away } = changesOf(merge, sides, await store.records(rigs));
  const done = await store.commit(importCommit(put, away), (share) => tell(0.8 * share));
  if (!done.ok) return done;
  const groups = grouped(records, (r): string | null => rigOf(r));
  const starters = groups.get(null) ?? [];
  const next = new Map<string, SharedStates>();
  const states = await store.shared(rigs);
  for (const [id, { revision, seen }] of Object.entries(shared))
    next.set(id, withState(states.get(id) ?? NOTHING_SHARED, { revision, records: [...(groups.get(id) ?? []), ...starters] }, seen));
  const remembered = await store.keepShared(next);
  tell(1);
  return remembered;
}
