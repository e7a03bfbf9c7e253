import "fake-indexeddb/auto";
import { newRig, RECORD_KINDS, RECORD_VERSIONS, type RigId } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { Dexie } from "dexie";
import { afterEach, describe, expect, it, vi } from "vitest";
import { storeConformance } from "./conformance.ts";
import type { RigRow } from "./database.ts";
import { dexieStore } from "./dexie.ts";
import { addPhotoCommit } from "./evidence-commands.ts";
import { lateStore } from "./late.ts";
import { memoryStore } from "./memory.ts";
import type { RecordStore } from "./port.ts";

afterEach(() => {
  vi.restoreAllMocks();
});

type Made = ReturnType<typeof addPhotoCommit>;

let names = 0;
const name = (): string => {
  names += 1;
  return `test-${names}`;
};

/** A database that has no room for more than one rig: the browser's own error from its own call. */
async function fullDexie(): Promise<RecordStore> {
  const store = await dexieStore(name(), RECORD_VERSIONS);
  const original = IDBObjectStore.prototype.put;
  let rigs = 0;
  vi.spyOn(IDBObjectStore.prototype, "put").mockImplementation(function (this: IDBObjectStore, ...args: Parameters<IDBObjectStore["put"]>) {
    if (this.name === "rigs") rigs += 1;
    if (rigs > 2) throw new DOMException("no room", "QuotaExceededError");
    return original.apply(this, args);
  });
  return store;
}

/** A database whose transaction is aborted under it while a unit is put. */
async function abortingDexie(): Promise<RecordStore> {
  const store = await dexieStore(name(), RECORD_VERSIONS);
  const original = IDBObjectStore.prototype.put;
  vi.spyOn(IDBObjectStore.prototype, "put").mockImplementation(function (this: IDBObjectStore, ...args: Parameters<IDBObjectStore["put"]>) {
    if (this.name === "rigs" && (args[0] as RigRow).keys.some((key) => key.startsWith("unit"))) this.transaction.abort();
    return original.apply(this, args);
  });
  return store;
}

function abortingMemory(): RecordStore {
  let writes = 0;
  return memoryStore({
    breaksOff: () => {
      writes += 1;
      return writes > 1;
    },
  });
}

const later = <T>(make: () => T): Promise<T> => new Promise((settle) => setTimeout(() => settle(make()), 1));

storeConformance("memory", {
  fresh: async () => memoryStore(),
  full: async () => memoryStore({ most: 1 }),
  aborting: async () => abortingMemory(),
});
storeConformance("a store that is still opening", {
  fresh: async () => lateStore(later(() => memoryStore())),
  full: async () => lateStore(later(() => memoryStore({ most: 1 }))),
  aborting: async () => lateStore(later(abortingMemory)),
});
storeConformance("the browser's database", { fresh: () => dexieStore(name(), RECORD_VERSIONS), full: fullDexie, aborting: abortingDexie });

describe("the browser's database", () => {
  it("keeps records and the journal over a reload", async () => {
    const db = name();
    const first = await dexieStore(db, RECORD_VERSIONS);
    const rig = newRig({ id: "a" as RigId, now: "2026-05-14T15:20:00.000Z" }, "Tin Lantern");
    await first.commit({ label: "new-rig", changes: [{ kind: "rig", id: "a", after: rig }] });
    await first.commit({ label: "delete-rig", changes: [{ kind: "rig", id: "a", after: null }] });
    first.close();
    const second = await dexieStore(db, RECORD_VERSIONS);
    expect(await second.undo()).toEqual({ ok: true });
    expect(await second.get("rig", "a")).toEqual(rig);
  });

  it("lets pixels go at the next opening only where no photo and no step back asks for them", async () => {
    const db = name();
    const first = await dexieStore(db, RECORD_VERSIONS);
    const job = demoRecords().find((r) => r.kind === "job")!;
    const [kept, deleted] = [1, 2].map(() => addPhotoCommit(job, "plate", { across: 4, down: 3, bytes: 1 })) as [Made, Made];
    for (const id of [kept.id, deleted.id, "never came"]) await first.keepBlob(id, Uint8Array.of(7));
    await first.commit(kept.commit);
    await first.commit(deleted.commit);
    await first.undo();
    first.close();
    vi.useFakeTimers({ toFake: ["Date"], now: Date.now() + 25 * 3_600_000 });
    const second = await dexieStore(db, RECORD_VERSIONS);
    vi.useRealTimers();
    expect(await second.blobs("never came")).toBeUndefined();
    await second.redo();
    expect((await second.list("photo")).map((p) => p.id).toSorted()).toEqual([kept.id, deleted.id].toSorted());
    expect([await second.blobs(kept.id), await second.blobs(deleted.id)]).toEqual([Uint8Array.of(7), Uint8Array.of(7)]);
    second.close();
  });

  it("lets no pixels go that another tab has kept and whose records are still to come", async () => {
    const db = name();
    const first = await dexieStore(db, RECORD_VERSIONS);
    const ids = Array.from({ length: 120 }, (_, k) => `photo ${k}`);
    const keeping = ids.map((id) => first.keepBlob(id, Uint8Array.of(7)));
    const second = await dexieStore(db, RECORD_VERSIONS);
    await Promise.all(keeping);
    const third = await dexieStore(db, RECORD_VERSIONS);
    for (const id of ids) expect(await third.blobs(id)).toEqual(Uint8Array.of(7));
    for (const store of [first, second, third]) store.close();
  });

  it("brings records of an older version up to date in place", async () => {
    const db = name();
    const first = await dexieStore(db, RECORD_VERSIONS);
    const rig = newRig({ id: "a" as RigId, now: "2026-05-14T15:20:00.000Z" }, "Tin Lantern");
    await first.commit({ label: "new-rig", changes: [{ kind: "rig", id: "a", after: rig }] });
    first.close();
    const { newest } = RECORD_VERSIONS.rig;
    const steps = { [newest]: (old: Record<string, unknown>) => ({ ...old, name: `${old.name}, migrated` }) };
    const second = await dexieStore(db, { ...RECORD_VERSIONS, rig: { newest: newest + 1, steps } });
    expect(await second.get("rig", "a")).toMatchObject({ schema: newest + 1, name: "Tin Lantern, migrated" });
  });

  it("steps aside when another tab brings a newer database", async () => {
    const db = name();
    const store = await dexieStore(db, RECORD_VERSIONS);
    const newer = new Dexie(db);
    newer.version(99).stores({ rig: "id, rig" });
    await newer.open();
    expect(await store.commit({ label: "edit", changes: [] })).toEqual({ ok: false, reason: "closed" });
    newer.close();
  });

  it("opens a database of the first version: its records brought up to date, the catalogue added", async () => {
    const db = name();
    const first = new Dexie(db);
    first.version(1).stores({ rig: "id, rig", unit: "id, rig", source: "id, rig", job: "id, rig", reading: "id, rig", journal: "++seq" });
    await first.open();
    const record = demoRecords().find((r) => r.kind === "unit")!;
    await first.table("unit").put({ id: record.id, rig: "demo-tin-lantern", record: { ...record, schema: 1 } });
    first.close();
    const store = await dexieStore(db, RECORD_VERSIONS);
    expect(await store.get("unit", record.id)).toEqual(record);
    const starter = demoRecords().find((r) => r.kind === "starter")!;
    expect(await store.commit({ label: "add-starter", changes: [{ kind: "starter", id: starter.id, after: starter }] })).toEqual({
      ok: true,
    });
    expect(await store.list("starter")).toEqual([starter]);
    store.close();
  });

  it("opens a database of the fifth version: its steps can still be undone and redone, its rigs are summed up, pixels of a step back stay", async () => {
    const db = name();
    const fifth = new Dexie(db);
    fifth.version(5).stores({
      ...Object.fromEntries(RECORD_KINDS.map((kind) => [kind, "id, rig"])),
      journal: "++seq",
      pixels: "id",
      shares: "id",
    });
    await fifth.open();
    const rig = (text: string) => newRig({ id: "a" as RigId, now: "2026-05-14T15:20:00.000Z" }, text);
    const photo = addPhotoCommit(demoRecords().find((r) => r.kind === "job")!, "plate", { across: 4, down: 3, bytes: 1 });
    await fifth.table("rig").put({ id: "a", rig: "a", record: rig("B") });
    await fifth.table("pixels").put({ id: photo.id, bytes: Uint8Array.of(9) });
    const row = { mergeKey: null, at: 1 };
    const change = (before: string, after: string) => ({ kind: "rig", id: "a", before: rig(before), after: rig(after) });
    await fifth
      .table("journal")
      .add({ ...row, label: "delete-photo", undone: false, changes: [{ ...photo.commit.changes[0], before: null }] });
    await fifth.table("journal").add({ ...row, label: "edit", undone: false, changes: [change("A", "B")] });
    await fifth.table("journal").add({ ...row, label: "edit", undone: true, changes: [change("B", "C")] });
    await fifth.table("shares").put({ id: "a", seen: ["one"], states: [{ revision: "one", records: [rig("A")] }] });
    fifth.close();
    const store = await dexieStore(db, RECORD_VERSIONS);
    expect((await store.summaries()).map((s) => s.name)).toEqual(["B"]);
    expect(await store.blobs(photo.id)).toEqual(Uint8Array.of(9));
    expect((await store.shared(["a"])).get("a")).toEqual({ seen: ["one"], states: [{ revision: "one", records: [rig("A")] }] });
    await store.redo();
    expect((await store.get("rig", "a"))?.name).toBe("C");
    await store.undo();
    await store.undo();
    expect((await store.get("rig", "a"))?.name).toBe("A");
    expect(await store.history()).toEqual({ undo: "delete-photo", redo: "edit" });
    store.close();
  });
});
