import { describe, expect, it } from "vitest";
import { demoRecords } from "../demo/index.ts";
import { parseRecord } from "../parse.ts";
import { type AnyRecord, recordKey } from "../record.ts";
import { readRigFile, type Sharing, writeRigFile } from "./rig-file.ts";
import { changesOf, commonState, mergeIncoming, type SharedStates, sharingFor, withState } from "./sharing.ts";

const RIG = "demo-tin-lantern";
const start = demoRecords().filter((r) => ("rigId" in r ? r.rigId === RIG : r.id === RIG || r.kind === "starter"));

/** A phone with its records and what it remembers of the rig's travels. */
class Phone {
  records: readonly AnyRecord[];
  states: SharedStates = { states: [], seen: [] };
  readonly name: string;
  private sent = 0;

  constructor(name: string, records: readonly AnyRecord[] = []) {
    this.name = name;
    this.records = records;
  }

  edit(id: string, change: object, updatedAt: string): void {
    this.records = this.records.map((r) =>
      r.id === id && Object.keys(change).every((k) => k in r) ? ({ ...r, ...change, updatedAt } as AnyRecord) : r,
    );
  }

  export(): { readonly records: readonly AnyRecord[]; readonly shared: Sharing } {
    this.sent += 1;
    const revision = `${this.name} ${this.sent}`;
    const shared = sharingFor(this.states, revision);
    this.states = withState(this.states, { revision, records: this.records });
    return { records: this.records, shared };
  }

  take({ records, shared }: { readonly records: readonly AnyRecord[]; readonly shared: Sharing }): number {
    const merge = mergeIncoming(this.records, records, () => commonState(this.states, shared));
    const later = new Map(merge.conflicts.map((c, k) => [k, c.later]));
    const { put, away } = changesOf(merge, later, this.records);
    const next = new Map(this.records.map((r) => [recordKey(r), r]));
    for (const record of put) next.set(recordKey(record), record);
    for (const record of away) next.delete(recordKey(record));
    this.records = [...next.values()];
    this.states = withState(this.states, { revision: shared.revision, records }, shared.seen);
    return merge.conflicts.length;
  }

  find(id: string): Record<string, unknown> | undefined {
    return this.records.find((r) => r.id === id) as Record<string, unknown> | undefined;
  }
}

const plain = (phone: Phone): string => JSON.stringify(phone.records.map((r) => JSON.stringify(r, Object.keys(r).toSorted())).toSorted());

describe("two phones and one rig", () => {
  it("both edit, one thing the same: one conflict, the later one chosen, both the same in the end", () => {
    const [roof, van] = [new Phone("roof", start), new Phone("van")];
    expect(van.take(roof.export())).toBe(0);
    roof.edit("demo-front", { name: "Front, roof" }, "2031-02-01T10:00:00.000Z");
    roof.edit(RIG, { note: "seen from the roof" }, "2031-02-01T10:00:00.000Z");
    van.edit("demo-front", { name: "Front, van", model: "van" }, "2031-02-01T11:00:00.000Z");
    expect(roof.take(van.export())).toBe(1);
    expect(roof.find("demo-front")).toMatchObject({ name: "Front, van", model: "van" });
    expect(roof.find(RIG)).toMatchObject({ note: "seen from the roof" });
    expect(van.take(roof.export())).toBe(0);
    expect(plain(van)).toBe(plain(roof));
  });

  it("an old file that never saw the latest export takes nothing back", () => {
    const [roof, van] = [new Phone("roof", start), new Phone("van")];
    van.take(roof.export());
    roof.edit("demo-front", { name: "Front, new" }, "2031-02-01T10:00:00.000Z");
    roof.export();
    van.edit(RIG, { note: "van" }, "2031-02-01T11:00:00.000Z");
    expect(roof.take(van.export())).toBe(0);
    expect(roof.find("demo-front")).toMatchObject({ name: "Front, new" });
    expect(roof.find(RIG)).toMatchObject({ note: "van" });
  });

  it("what one deleted goes on the other, and does not come back with the next file", () => {
    const [roof, van] = [new Phone("roof", start), new Phone("van")];
    van.take(roof.export());
    roof.records = roof.records.filter((r) => r.id !== "demo-reading-4");
    expect(van.take(roof.export())).toBe(0);
    expect(van.find("demo-reading-4")).toBeUndefined();
    expect(roof.take(van.export())).toBe(0);
    expect(roof.find("demo-reading-4")).toBeUndefined();
  });

  it("a rig that was deleted here comes back whole from its file", () => {
    const roof = new Phone("roof", start);
    const file = roof.export();
    roof.records = [];
    expect(roof.take(file)).toBe(0);
    expect(roof.records).toHaveLength(start.length);
  });

  it("taking the same file twice changes nothing the second time", () => {
    const [roof, van] = [new Phone("roof", start), new Phone("van")];
    const file = roof.export();
    van.take(file);
    van.edit(RIG, { note: "van" }, "2031-02-01T11:00:00.000Z");
    const before = plain(van);
    expect(van.take(file)).toBe(0);
    expect(plain(van)).toBe(before);
  });

  it("three phones in a ring lose nothing", () => {
    const phones = [new Phone("a", start), new Phone("b"), new Phone("c")] as const;
    const [a, b, c] = phones;
    b.take(a.export());
    c.take(b.export());
    a.edit(RIG, { note: "from a" }, "2031-02-01T10:00:00.000Z");
    b.edit("demo-front", { model: "from b" }, "2031-02-01T10:10:00.000Z");
    c.edit("demo-rear", { model: "from c" }, "2031-02-01T10:20:00.000Z");
    let conflicts = 0;
    for (const [from, to] of [
      [a, b],
      [b, c],
      [c, a],
      [a, b],
      [b, c],
    ] as const)
      conflicts += to.take(from.export());
    expect(conflicts).toBe(0);
    for (const phone of phones) {
      expect(phone.find(RIG)).toMatchObject({ note: "from a" });
      expect(phone.find("demo-front")).toMatchObject({ model: "from b" });
      expect(phone.find("demo-rear")).toMatchObject({ model: "from c" });
      for (const record of phone.records) expect(parseRecord(record).ok).toBe(true);
    }
  });
});

describe("what was let go on one phone", () => {
  it("stays where the other has put something new to it meanwhile", () => {
    const [roof, van] = [new Phone("roof", start), new Phone("van")];
    van.take(roof.export());
    const gone = (r: AnyRecord): boolean => r.id === "demo-rear" || ("unitId" in r && r.unitId === "demo-rear");
    van.records = van.records.filter((r) => !gone(r));
    const job = start.find((r) => r.kind === "job")!;
    roof.records = [...roof.records, { ...job, id: "new-job", unitId: "demo-rear", title: "Second look" } as AnyRecord];
    roof.take(van.export());
    expect(roof.find("new-job")).toMatchObject({ unitId: "demo-rear" });
    expect(roof.find("demo-rear")).toBeDefined();
    expect(readRigFile(writeRigFile(roof.records, "2031-02-01T10:00:00.000Z", "0.1.0"))).toMatchObject({ ok: true });
  });
});

describe("a file's own word on its states", () => {
  it("is read back, and is nothing in a file of the first version", () => {
    const shared = { [RIG]: { revision: "r2", seen: ["r0", "r1"] } };
    const sharedOf = (text: string) => {
      const read = readRigFile(text);
      return read.ok ? read.value.shared : read.reason;
    };
    expect(sharedOf(writeRigFile(start, "2031-02-01T10:00:00.000Z", "0.1.0", shared))).toEqual(shared);
    expect(sharedOf(writeRigFile(start, "2031-02-01T10:00:00.000Z", "0.1.0"))).toEqual({});
  });
});
