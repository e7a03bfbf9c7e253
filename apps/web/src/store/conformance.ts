import { type AnyRecord, asId, newGenerator, newJob, newRig, newUnit } from "@amp-saver/records";
import { describe, expect, it } from "vitest";
import type { RecordStore } from "./port.ts";

/** How a suite gets stores that misbehave; each returns the store to test. */
export interface Adapters {
  readonly fresh: () => Promise<RecordStore>;
  /** A store that has no room for a second record. */
  readonly full: () => Promise<RecordStore>;
  /** A store whose writes break off from the second commit on, after its first record. */
  readonly aborting: () => Promise<RecordStore>;
}

const NOW = "2026-05-14T15:20:00.000Z";
const rig = (id: string, name = "Tin Lantern") => newRig({ id: asId("rig", id), now: NOW }, name);
const unit = (id: string, of: string) => newUnit({ id: asId("unit", id), now: NOW }, asId("rig", of), "Front");
const put = (record: AnyRecord) => ({ kind: record.kind, id: record.id, after: record });
const away = (record: AnyRecord) => ({ kind: record.kind, id: record.id, after: null });
const HOSTILE = ["__proto__", "constructor", "toString", " ", "\u0000", "a'b\"c", "\ud83d\ude00", "a".repeat(100), "../..", "unit x"];

/** What every record store must do, whatever it keeps its records in. */
export function storeConformance(name: string, { fresh, full, aborting }: Adapters): void {
  describe(`record store: ${name}`, () => {
    it("keeps what it is given, by kind and by rig", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a")), put(rig("b")), put(unit("u", "a"))] });
      expect(await store.get("rig", "a")).toEqual(rig("a"));
      expect(await store.get("unit", "a")).toBeUndefined();
      expect((await store.list("unit", rig("a").id)).map((u) => u.id)).toEqual(["u"]);
      expect(await store.list("unit", asId("rig", "b"))).toEqual([]);
      expect((await store.list("rig")).map((r) => r.id).toSorted()).toEqual(["a", "b"]);
    });

    it("hands out copies: changing one changes nothing kept", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      Object.assign((await store.get("rig", "a")) ?? {}, { name: "spoilt" });
      expect((await store.get("rig", "a"))?.name).toBe("Tin Lantern");
    });

    it.each(HOSTILE)("takes the id %j like any other", async (id) => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig(id)), put(unit(id, id))] });
      expect((await store.get("rig", id))?.id).toBe(id);
      expect((await store.list("unit", asId("rig", id))).length).toBe(1);
      expect((await store.list("rig")).length).toBe(1);
    });

    it("deletes undoably, through any number of steps and back", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a")), put(unit("u", "a"))] });
      await store.commit({ label: "edit", changes: [put(rig("a", "Second name"))] });
      await store.commit({ label: "delete-rig", changes: [away(rig("a")), away(unit("u", "a"))] });
      expect(await store.list("rig")).toEqual([]);
      expect(await store.history()).toEqual({ undo: "delete-rig", redo: null });
      expect(await store.undo()).toEqual({ ok: true });
      expect((await store.get("rig", "a"))?.name).toBe("Second name");
      expect(await store.get("unit", "u")).toEqual(unit("u", "a"));
      await store.undo();
      expect((await store.get("rig", "a"))?.name).toBe("Tin Lantern");
      await store.undo();
      expect(await store.list("rig")).toEqual([]);
      expect(await store.undo()).toEqual({ ok: false, reason: "nothing-there" });
      for (let k = 0; k < 3; k++) await store.redo();
      expect(await store.list("rig")).toEqual([]);
      expect(await store.redo()).toEqual({ ok: false, reason: "nothing-there" });
    });

    it("forgets what could be redone once something new is done", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      await store.undo();
      await store.commit({ label: "new-rig", changes: [put(rig("b"))] });
      expect(await store.history()).toEqual({ undo: "new-rig", redo: null });
      expect((await store.list("rig")).map((r) => r.id)).toEqual(["b"]);
    });

    it("takes typing in one field back as one step", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      for (const name of ["T", "Ti", "Tin"]) await store.commit({ label: "edit", mergeKey: "rig a name", changes: [put(rig("a", name))] });
      await store.undo();
      expect((await store.get("rig", "a"))?.name).toBe("Tin Lantern");
      await store.redo();
      expect((await store.get("rig", "a"))?.name).toBe("Tin");
    });

    it("changes only the fields it is given, and takes that back", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      await store.commit({ label: "edit", changes: [{ kind: "rig", id: "a", patch: { name: "B" } }] });
      await store.commit({ label: "edit", changes: [{ kind: "rig", id: "a", patch: { note: "n", extra: undefined } }] });
      expect(await store.get("rig", "a")).toEqual({ ...rig("a", "B"), note: "n" });
      await store.commit({ label: "edit", changes: [{ kind: "rig", id: "gone", patch: { name: "C" } }] });
      expect((await store.list("rig")).length).toBe(1);
      await store.undo();
      await store.undo();
      expect(await store.get("rig", "a")).toEqual(rig("a", "B"));
    });

    it("changes fields as they follow from what is kept by then, one after the other", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a", "A"))] });
      const append = (letter: string) =>
        store.commit({
          label: "edit",
          changes: [{ kind: "rig", id: "a", patch: (kept) => ({ name: `${kept.kind === "rig" ? kept.name : ""}${letter}` }) }],
        });
      await Promise.all([append("B"), append("C"), append("D")]);
      expect(await store.get("rig", "a")).toEqual(rig("a", "ABCD"));
      await store.undo();
      expect(await store.get("rig", "a")).toEqual(rig("a", "ABC"));
    });

    it("changes only the entries it is given, begins a record that is not there, and takes both back as one", async () => {
      const store = await fresh();
      const tick = (entry: string) => ({
        label: "edit" as const,
        changes: [
          { kind: "rig" as const, id: "a", absent: rig("a") },
          { kind: "rig" as const, id: "a", patch: {}, entries: { note: { [entry]: true } } },
        ],
      });
      await Promise.all([store.commit(tick("x")), store.commit(tick("y"))]);
      await store.commit({
        label: "edit",
        changes: [{ kind: "rig", id: "a", patch: {}, entries: { note: { x: undefined, z: { in: 1 } } } }],
      });
      await store.commit({ label: "edit", changes: [{ kind: "rig", id: "a", patch: {}, entries: { note: { z: { more: 2 } } } }] });
      expect((await store.get("rig", "a"))?.note).toEqual({ y: true, z: { in: 1, more: 2 } });
      await store.undo();
      await store.undo();
      expect((await store.get("rig", "a"))?.note).toEqual({ x: true, y: true });
      await store.undo();
      await store.undo();
      expect(await store.list("rig")).toEqual([]);
      await store.redo();
      expect(Object.keys((await store.get("rig", "a"))?.note ?? {}).length).toBe(1);
    });

    it("begins an entry that is not there with what it is given, and keeps what another tick has begun meanwhile", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      const neither = { notes: { x: { off: false, locked: false } } };
      const tick = (change: object) => ({
        label: "edit" as const,
        changes: [{ kind: "rig" as const, id: "a", patch: {}, entries: { notes: { x: change } }, fresh: neither }],
      });
      await Promise.all([store.commit(tick({ off: true })), store.commit(tick({ locked: true }))]);
      expect(await store.get("rig", "a")).toMatchObject({ notes: { x: { off: true, locked: true } } });
    });

    it("saves silently without a step to undo", async () => {
      const store = await fresh();
      await store.commit({ label: "answer", silent: true, changes: [put(rig("a"))] });
      expect(await store.history()).toEqual({ undo: null, redo: null });
      expect((await store.list("rig")).length).toBe(1);
    });

    it("does all of a commit or none of it when there is no room, and says so", async () => {
      const store = await full();
      expect(await store.commit({ label: "new-rig", changes: [put(rig("a"))] })).toEqual({ ok: true });
      expect(await store.commit({ label: "new-rig", changes: [away(rig("a")), put(rig("b")), put(rig("c"))] })).toEqual({
        ok: false,
        reason: "full",
      });
      expect((await store.list("rig")).map((r) => r.id)).toEqual(["a"]);
      expect(await store.history()).toEqual({ undo: "new-rig", redo: null });
    });

    it("changes nothing when a write breaks off half way, and says so", async () => {
      const store = await aborting();
      expect(await store.commit({ label: "new-rig", changes: [put(rig("a"))] })).toEqual({ ok: true });
      const broken = await store.commit({ label: "edit", changes: [put(rig("a", "half")), put(unit("u", "a"))] });
      expect(broken).toEqual({ ok: false, reason: "aborted" });
      expect(await store.get("rig", "a")).toEqual(rig("a"));
      expect(await store.list("unit")).toEqual([]);
      expect(await store.history()).toEqual({ undo: "new-rig", redo: null });
    });

    it("never takes a record from one rig to another", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a")), put(rig("b")), put(unit("u", "a"))] });
      const moving = await store.commit({ label: "import", changes: [put(rig("b", "renamed")), put(unit("u", "b"))] });
      expect(moving).toEqual({ ok: false, reason: "moved" });
      expect(await store.get("rig", "b")).toEqual(rig("b"));
      expect((await store.list("unit", rig("a").id)).map((u) => u.id)).toEqual(["u"]);
      expect(await store.history()).toEqual({ undo: "new-rig", redo: null });
    });

    it("keeps pixels beside the records, whatever is undone", async () => {
      const store = await fresh();
      expect(await store.blobs("p")).toBeUndefined();
      expect(await store.keepBlob("p", Uint8Array.of(1, 2, 3))).toEqual({ ok: true });
      expect(await store.keepBlob("q", Uint8Array.of(4))).toEqual({ ok: true });
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      await store.undo();
      expect([...((await store.blobs("p")) ?? [])]).toEqual([1, 2, 3]);
      expect([...((await store.blobs("q")) ?? [])]).toEqual([4]);
      store.close();
      expect(await store.keepBlob("r", Uint8Array.of(5))).toEqual({ ok: false, reason: "closed" });
    });

    it("remembers a rig's travels beside the records, whatever is undone", async () => {
      const store = await fresh();
      expect(await store.shared(["a"])).toEqual(new Map());
      const shared = { states: [{ revision: "one", records: [rig("a")] }], seen: ["zero", "one"] };
      expect(await store.keepShared(new Map([["a", shared]]))).toEqual({ ok: true });
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      await store.undo();
      expect(await store.shared(["b", "a"])).toEqual(new Map([["a", shared]]));
      store.close();
      expect(await store.keepShared(new Map([["a", shared]]))).toEqual({ ok: false, reason: "closed" });
    });

    it("sums every rig up as it is now, whatever was changed, deleted or undone", async () => {
      const store = await fresh();
      const job = newJob({ id: asId("job", "j"), now: NOW }, asId("rig", "a"), asId("unit", "u"), "Will it start?");
      const gen = newGenerator({ id: asId("source", "s"), now: NOW }, asId("rig", "a"), "Generator", "generator");
      const sums = async () =>
        (await store.summaries()).map((s) => [s.name, s.units, s.sources, s.jobs.map((j) => [j.title, j.stage, j.unitName, j.sourceName])]);
      await store.commit({
        label: "new-rig",
        changes: [put(rig("a")), put(rig("b", "Fennel Row")), put(unit("u", "a")), put(job), put(gen)],
      });
      const first = await sums();
      expect(first.toSorted()).toEqual([
        ["Fennel Row", [], [], []],
        ["Tin Lantern", ["Front"], ["Generator"], [["Will it start?", "survey", "Front", null]]],
      ]);
      await store.commit({ label: "edit", changes: [{ kind: "job", id: "j", patch: { stage: "prove", sourceId: "s" } }] });
      await store.commit({ label: "edit", changes: [{ kind: "unit", id: "u", patch: { name: "Rear" } }] });
      await store.commit({ label: "delete-rig", changes: [away(rig("b"))] });
      expect(await sums()).toEqual([["Tin Lantern", ["Rear"], ["Generator"], [["Will it start?", "prove", "Rear", "Generator"]]]]);
      await store.commit({ label: "edit", changes: [away(unit("u", "a"))] });
      expect(await sums()).toEqual([["Tin Lantern", [], ["Generator"], []]]);
      for (let k = 0; k < 4; k++) await store.undo();
      expect((await sums()).toSorted()).toEqual(first.toSorted());
    });

    it("takes many records in at once, tells how far it is, and takes them back as one step", async () => {
      const store = await fresh();
      const many = Array.from({ length: 2500 }, (_, k) => rig(`r${k}`));
      const told: number[] = [];
      await store.commit({ label: "import", changes: [put(rig("r7", "was here"))] });
      await store.commit({ label: "import", changes: many.map(put) }, (share) => told.push(share));
      expect(told.at(-1)).toBe(1);
      expect(told).toEqual(told.toSorted((a, b) => a - b));
      expect((await store.summaries()).length).toBe(2500);
      await store.undo();
      expect((await store.list("rig")).map((r) => r.name)).toEqual(["was here"]);
      await store.redo();
      expect((await store.list("rig")).length).toBe(2500);
      expect((await store.get("rig", "r7"))?.name).toBe("Tin Lantern");
    });

    it("brings back by redo what a silent change had made of it meanwhile", async () => {
      const store = await fresh();
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      await store.commit({ label: "answer", silent: true, changes: [{ kind: "rig", id: "a", patch: { note: "worked out" } }] });
      await store.undo();
      await store.redo();
      expect((await store.get("rig", "a"))?.note).toBe("worked out");
    });

    it("refuses after it is closed", async () => {
      const store = await fresh();
      store.close();
      expect(await store.commit({ label: "new-rig", changes: [put(rig("a"))] })).toEqual({ ok: false, reason: "closed" });
      expect(await store.undo()).toEqual({ ok: false, reason: "closed" });
    });

    it("tells listeners of every change until they leave", async () => {
      const store = await fresh();
      let calls = 0;
      const leave = store.subscribe(() => {
        calls += 1;
      });
      await new Promise((resolve) => setTimeout(resolve, 30));
      await store.commit({ label: "new-rig", changes: [put(rig("a"))] });
      await new Promise((resolve) => setTimeout(resolve, 50));
      expect(calls).toBeGreaterThan(0);
      leave();
      const before = calls;
      await store.commit({ label: "edit", changes: [put(rig("a", "b"))] });
      await new Promise((resolve) => setTimeout(resolve, 50));
      expect(calls).toBe(before);
    });
  });
}
