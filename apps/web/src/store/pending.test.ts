import "fake-indexeddb/auto";
import { newRig, RECORD_VERSIONS, type Rig, type RigId } from "@amp-saver/records";
import fc from "fast-check";
import { beforeEach, describe, expect, it } from "vitest";
import { editCommit } from "./commands.ts";
import { type DexieStore, dexieStore } from "./dexie.ts";
import { PendingLog, type PlainStorage } from "./pending.ts";
import type { Commit } from "./port.ts";

/** What the browser's own does, in a map. */
function plain(most = Number.POSITIVE_INFINITY): PlainStorage & { readonly kept: Map<string, string> } {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, text) => {
      if (kept.size >= most) throw new DOMException("no room", "QuotaExceededError");
      kept.set(key, text);
    },
    removeItem: (key) => void kept.delete(key),
    key: (n) => [...kept.keys()][n] ?? null,
    get length() {
      return kept.size;
    },
  };
}

const rig = newRig({ id: "a" as RigId, now: "2026-05-14T15:20:00.000Z" }, "Tin Lantern");
const begin: Commit = { label: "new-rig", changes: [{ kind: "rig", id: "a", after: rig }] };
const note = (text: string): Commit => editCommit<Rig>(rig, { note: text }, "note");
const longer = (letter: string): Commit => editCommit<Rig>(rig, (kept) => ({ note: kept.note + letter }), "note");

let databases = 0;
let storage: ReturnType<typeof plain>;
let db: string;
let tabs = 0;
const tab = (): Promise<DexieStore> => {
  tabs += 1;
  return dexieStore(db, RECORD_VERSIONS, new PendingLog(storage, `t${tabs}`));
};
/** A page that goes away with a save that the database had no time for: only what is written at once is there. */
const leaveBehind = (commit: Commit, known: readonly Rig[] = [rig]): string => {
  tabs += 1;
  const log = new PendingLog(storage, `t${tabs}`);
  log.know(known);
  log.enter(commit);
  return log.tab;
};
const noteOf = async (store: DexieStore): Promise<string | undefined> => (await store.get("rig", "a"))?.note;

beforeEach(() => {
  databases += 1;
  db = `pending-${databases}`;
  storage = plain();
});

describe("a save that a page had no time for", () => {
  it("is done by the next page, once, with its step to undo", async () => {
    const first = await tab();
    await first.commit(begin);
    const left = leaveBehind(note("propane is out"));
    const next = await tab();
    await next.finish(left);
    expect(await noteOf(next)).toBe("propane is out");
    expect(storage.kept.size).toBe(0);
    await next.undo();
    expect(await noteOf(next)).toBe("");
  });

  it("is not done twice where the records have it, whatever was changed since", async () => {
    const first = await tab();
    await first.commit(begin);
    await first.commit(longer("a"));
    // The page went away after the database was done and before the entry was crossed out.
    const log = new PendingLog(storage, "t-lost");
    log.know([rig]);
    expect(storage.kept.size).toBe(0);
    const lost = await dexieStore(db, RECORD_VERSIONS, log);
    const done = lost.commit(longer("b"));
    const kept = new Map(storage.kept);
    await done;
    for (const [key, text] of kept) storage.kept.set(key, text);
    const other = await tab();
    await other.commit(longer("c"));
    await other.finish("t-lost");
    expect(await noteOf(other)).toBe("abc");
  });

  it("builds on what was last read of its rig, which another tab has changed since it was first read", async () => {
    const other = await tab();
    await other.commit(begin);
    const log = new PendingLog(storage, "t-lost");
    const lost = await dexieStore(db, RECORD_VERSIONS, log);
    await lost.records(["a"]);
    await other.commit(longer("a"));
    await lost.records(["a"]);
    // The page goes away with this one: the database has no time for it.
    log.enter(longer("b"));
    const next = await tab();
    await next.finish("t-lost");
    expect(await noteOf(next)).toBe("ab");
  });

  it("begins what was not there yet, and clears what was to be cleared", async () => {
    const left = leaveBehind(begin, []);
    const next = await tab();
    await next.finish(left);
    await next.commit(note("kept"));
    const clearing: Commit = { label: "edit", changes: [{ kind: "rig", id: "a", patch: { note: undefined } }] };
    await next.finish(leaveBehind(clearing));
    expect((await next.get("rig", "a")) as object).not.toHaveProperty("note");
  });

  it("is let go where its rig was deleted meanwhile", async () => {
    const first = await tab();
    await first.commit(begin);
    const left = leaveBehind(note("late"));
    await first.commit({ label: "delete-rig", changes: [{ kind: "rig", id: "a", after: null }] });
    await first.finish(left);
    expect(await first.records(null)).toEqual([]);
    expect(storage.kept.size).toBe(0);
  });

  it("is kept by the database as ever where the browser writes nothing at once, and where it is too large to be written so", async () => {
    storage = plain(0);
    const first = await tab();
    await first.commit(begin);
    storage = plain();
    const second = await tab();
    await second.commit(note("x".repeat(150_000)));
    expect((await noteOf(second))?.length).toBe(150_000);
  });

  it("comes after those before it: whatever goes away when, every letter is there once and in order", async () => {
    const letters = fc.array(fc.constantFrom("done", "lost", "uncrossed"), { minLength: 1, maxLength: 12 });
    await fc.assert(
      fc.asyncProperty(letters, async (fates) => {
        databases += 1;
        db = `pending-${databases}`;
        storage = plain();
        await (await tab()).commit(begin);
        for (const [k, fate] of fates.entries()) {
          const letter = String.fromCharCode(97 + k);
          const page = await tab();
          const current = (await page.get("rig", "a"))!;
          if (fate === "lost") {
            await page.finish(leaveBehind(longer(letter), [current]));
            continue;
          }
          const done = page.commit(longer(letter));
          const entries = new Map(storage.kept);
          await done;
          if (fate === "done") continue;
          for (const [key, text] of entries) storage.kept.set(key, text);
          const next = await tab();
          await next.finish(`t${tabs - 1}`);
        }
        const whole = fates.map((_, k) => String.fromCharCode(97 + k)).join("");
        expect(await noteOf(await tab())).toBe(whole);
        expect(storage.kept.size).toBe(0);
      }),
      { seed: 3, numRuns: 25 },
    );
  });
});
