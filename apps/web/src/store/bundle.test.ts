import { type AnyRecord, type RigId, recordKey } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { ownRecords, type RigBundle, readBundle } from "./bundle.ts";
import { importCommit } from "./commands.ts";
import { memoryStore } from "./memory.ts";
import type { RecordStore } from "./port.ts";

const records = demoRecords();
const [rig, other] = records.filter((r) => r.kind === "rig").map((r) => r.id) as [RigId, RigId];

/** The demo's records, as text read anew each time as a database reads them. */
async function filled(): Promise<RecordStore> {
  const store = memoryStore();
  await store.commit(importCommit(records));
  return { ...store, commit: (c) => store.commit(c), records: async (ids) => structuredClone(await store.records(ids)) };
}

const read = async (store: RecordStore, id: RigId, before?: RigBundle): Promise<RigBundle> => {
  const bundle = await readBundle(store, id, before);
  if (bundle === undefined) throw new Error(`no rig ${id}`);
  return bundle;
};

const all = (bundle: RigBundle): readonly AnyRecord[] => [...ownRecords(bundle), ...bundle.starters];

describe("a rig read again", () => {
  it("is of the very same records and lists where nothing changed, as copies would not be", async () => {
    const store = await filled();
    const before = await read(store, rig);
    const copies = await read(store, rig);
    const again = await read(store, rig, before);
    expect(all(before).length).toBeGreaterThan(20);
    expect(all(copies).filter((r, k) => r === all(before)[k])).toEqual([]);
    expect(all(again).filter((r, k) => r !== all(before)[k])).toEqual([]);
    for (const [name, list] of Object.entries(again)) expect(list, name).toBe(before[name as keyof RigBundle]);
  });

  it("has a new object for what changed, and the same for all else", async () => {
    const store = await filled();
    const before = await read(store, rig);
    const [job] = before.jobs;
    await store.commit({ label: "edit", changes: [{ kind: "job", id: job!.id, patch: { title: "Once more" } }] });
    const after = await read(store, rig, before);
    expect(after.jobs.find((j) => j.id === job!.id)?.title).toBe("Once more");
    expect(
      all(after)
        .filter((r) => !all(before).includes(r))
        .map(recordKey),
    ).toEqual([recordKey(job!)]);
    expect([after.jobs === before.jobs, after.units === before.units, after.rig === before.rig]).toEqual([false, true, true]);
  });

  it("says what another says, whatever it is read with", async () => {
    const store = await filled();
    const alone = await read(store, other);
    expect(await read(store, other, await read(store, rig))).toEqual(alone);
  });

  it("no longer has what was taken away, and keeps the rest", async () => {
    const store = await filled();
    const before = await read(store, rig);
    const [gone] = before.readings;
    await store.commit({ label: "edit", changes: [{ kind: "reading", id: gone!.id, after: null }] });
    const after = await read(store, rig, before);
    expect(after.readings).toEqual(before.readings.slice(1));
    expect(after.readings.every((r) => before.readings.includes(r))).toBe(true);
  });
});
