import "fake-indexeddb/auto";
import { canonical } from "@amp-saver/core/quantity";
import { RECORD_VERSIONS, type RigId } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { importCommit } from "../store/commands.ts";
import { dexieStore, joinStore } from "../store/dexie.ts";
import { memoryStore } from "../store/memory.ts";
import type { RecordStore } from "../store/port.ts";
import { type Exchanger, makeExchanger } from "./exchanger.ts";
import type { Wanted } from "./rigs-out.ts";

const quiet = (): void => undefined;
const sorted = async (store: RecordStore): Promise<string[]> => (await store.records(null)).map(canonical).toSorted();
const filled = async (store: RecordStore): Promise<RecordStore> => {
  await store.commit(importCommit(demoRecords()));
  return store;
};
const out = async (exchanger: Exchanger, wanted: Wanted): Promise<File> => {
  const file = await exchanger.out(wanted, quiet);
  if (file === null) throw new Error("nothing came out");
  return new File([await file.blob.arrayBuffer()], file.name);
};
const ALL: Wanted = { what: "all", name: "all rigs" };
const ONE: Wanted = { what: "rig", rigId: "demo-tin-lantern", named: true };

let names = 0;
const name = (): string => {
  names += 1;
  return `exchange-${names}`;
};

describe.each([
  ["on the page", async () => memoryStore(), async (store: RecordStore) => store],
  [
    "in a worker, beside the page's own",
    async () => dexieStore(name(), RECORD_VERSIONS),
    async () => joinStore(`exchange-${names}`, RECORD_VERSIONS),
  ],
])("files out and in, %s", (_, open, join) => {
  it("come back whole into an empty store, telling how far they are", async () => {
    const first = await filled(await open());
    const told: Record<keyof Exchanger, number[]> = { out: [], look: [], take: [] };
    const there = await join(first);
    const file = await makeExchanger(async () => there).out(ALL, (share) => told.out.push(share));
    expect(file?.name).toBe("all-rigs.ampsaver.json");
    const second = await open();
    const exchanger = makeExchanger(async () => second);
    const look = await exchanger.look(new File([await file!.blob.arrayBuffer()], "x"), (share) => told.look.push(share));
    expect(look).toMatchObject({ ok: true, value: { nothing: false, conflicts: [], gone: [] } });
    expect(await second.list("rig")).toEqual([]);
    expect(await exchanger.take(new Map(), (share) => told.take.push(share))).toEqual({ ok: true });
    expect(await sorted(second)).toEqual(await sorted(first));
    for (const shares of Object.values(told)) {
      expect(shares.at(-1)).toBe(1);
      expect(shares).toEqual(shares.toSorted((a, b) => a - b));
    }
    expect(await second.history()).toEqual({ undo: "import", redo: null });
  });

  it("say of the same file that it changes nothing, and of an edited one what", async () => {
    const store = await filled(await open());
    const exchanger = makeExchanger(async () => store);
    const file = await out(exchanger, ONE);
    expect(await exchanger.look(file, quiet)).toMatchObject({ ok: true, value: { nothing: true, conflicts: [] } });
    await store.commit({ label: "edit", changes: [{ kind: "unit", id: "demo-front", patch: { name: "Front, new" } }] });
    expect(await exchanger.look(file, quiet)).toMatchObject({ ok: true, value: { nothing: true, conflicts: [] } });
    const edited = new File([(await file.text()).replace('"darkroom coach"', '"coach"')], "edited");
    expect(await exchanger.look(edited, quiet)).toMatchObject({
      ok: true,
      value: { changed: [{ kind: "rig", name: "Tin Lantern", fields: ["note"] }], conflicts: [] },
    });
  });
});

describe("a case", () => {
  it("says neither the rig's name nor its note, and remembers no travels", async () => {
    const store = await filled(memoryStore());
    const file = await out(
      makeExchanger(async () => store),
      { what: "case", rigId: "demo-tin-lantern", name: "A case" },
    );
    expect(await file.text()).not.toMatch(/Tin Lantern|darkroom coach/);
    expect(await store.shared(["demo-tin-lantern"])).toEqual(new Map());
  });
});

describe("what goes out and in", () => {
  it("has nothing to take before it has looked, and nothing to give of a rig that is gone", async () => {
    const exchanger = makeExchanger(async () => memoryStore());
    expect(await exchanger.take(new Map(), quiet)).toEqual({ ok: false, reason: "nothing-there" });
    expect(await exchanger.out({ what: "rig", rigId: "gone" as RigId, named: false }, quiet)).toBeNull();
  });

  it("refuses what is no rig file, in a worker as anywhere", async () => {
    const exchanger = makeExchanger(async () => memoryStore());
    expect(await exchanger.look(new File(["[1]"], "list.json"), quiet)).toMatchObject({ ok: false, reason: "not-ours" });
    expect(await exchanger.look(new File([Uint8Array.of(0x50, 0x4b, 1)], "cut.zip"), quiet)).toMatchObject({
      ok: false,
      reason: "not-a-zip",
    });
  });
});
