import { canonical } from "@amp-saver/core/quantity";
import { type AnyRecord, asId, type Job, newJob, newLearning, newReading, newRig, newUnit, recordKey } from "@amp-saver/records";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { memoryLines } from "./memory-line.ts";
import { Replica } from "./replica.ts";
import { Session } from "./session.ts";
import { RECORDS, SharedRig, SPEAKS } from "./shared-records.ts";

const NOW = Date.parse("2026-06-01T08:00:00.000Z");
const iso = (ms: number): string => new Date(ms).toISOString();
const rig = newRig({ id: asId("rig", "r"), now: iso(NOW) }, "Wren");
const unit = newUnit({ id: asId("unit", "u"), now: iso(NOW) }, rig.id, "Front");
const job: Job = newJob({ id: asId("job", "j"), now: iso(NOW) }, rig.id, unit.id, "Fit");
const BEGUN: readonly AnyRecord[] = [rig, unit, job];

/** A device with its records, its own clock and its end of the line. */
class Phone {
  records: Map<string, AnyRecord>;
  readonly replica: Replica;
  private readonly aheadMs: number;
  readonly shared: SharedRig;
  session: Session | null = null;

  constructor(name: string, aheadMs: number, begun: readonly AnyRecord[]) {
    this.aheadMs = aheadMs;
    this.records = new Map(begun.map((r) => [recordKey(r), r]));
    this.replica = new Replica({ device: name, known: {}, ops: [] });
    this.shared = new SharedRig(this.replica);
  }

  now(ms: number): string {
    return iso(NOW + ms + this.aheadMs);
  }

  connect(line: ConstructorParameters<typeof Session>[0]): void {
    this.session = new Session(line, {
      replica: this.replica,
      name: this.replica.device,
      speaks: SPEAKS,
      nowMs: () => NOW,
      onDocs: () => undefined,
    });
  }

  change(record: AnyRecord, ms: number): void {
    this.records.set(recordKey(record), { ...record, updatedAt: this.now(ms) } as AnyRecord);
    this.share(ms);
  }

  remove(key: string, ms: number): void {
    this.records.delete(key);
    this.share(ms);
  }

  share(ms: number): void {
    this.shared.give([...this.records.values()], this.now(ms));
    this.session?.share();
  }

  /** Does here what the other changed: it may lie for a while before that. */
  takeIn(): void {
    for (const due of this.shared.due()) {
      const key = due.doc.slice(RECORDS.length);
      const mine = this.records.get(key);
      if (due.do === "put") this.records.set(key, due.record);
      else if (due.do === "away") this.records.delete(key);
      else if (mine !== undefined) this.records.set(key, due.turn(mine));
      this.shared.took(due);
    }
  }

  text(): string {
    return canonical(
      [...this.records.values()].map((r) => ({ ...r, updatedAt: "" })).toSorted((a, b) => (recordKey(a) < recordKey(b) ? -1 : 1)),
    );
  }
}

function paired(aheadA: number, aheadB: number) {
  const lines = memoryLines();
  lines.cut();
  const [a, b] = [new Phone("a", aheadA, BEGUN), new Phone("b", aheadB, [])];
  a.connect(lines.a);
  b.connect(lines.b);
  a.share(0);
  const settle = (): void => {
    lines.mend();
    // What was typed while something of the other's lay here goes out after it.
    for (let k = 0; k < 4; k++) {
      while (lines.arrive("a") || lines.arrive("b"));
      for (const phone of [a, b]) {
        phone.takeIn();
        phone.share(1000 + k);
      }
    }
  };
  return { a, b, lines, settle };
}

const act = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({ do: fc.constant("note" as const), side: fc.constantFrom("a", "b"), text: fc.integer({ min: 0, max: 99 }) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constant("unit" as const), side: fc.constantFrom("a", "b"), text: fc.integer({ min: 0, max: 99 }) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constant("reading" as const), side: fc.constantFrom("a", "b"), text: fc.integer({ min: 10, max: 60 }) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constant("run" as const), side: fc.constantFrom("a", "b"), text: fc.integer({ min: 10, max: 60 }) }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ do: fc.constant("delete" as const), side: fc.constantFrom("a", "b"), text: fc.integer({ min: 0, max: 9 }) }),
  },
  { weight: 6, arbitrary: fc.record({ do: fc.constant("arrive" as const), side: fc.constantFrom("a", "b"), text: fc.constant(0) }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constant("take" as const), side: fc.constantFrom("a", "b"), text: fc.constant(0) }) },
  {
    weight: 2,
    arbitrary: fc.record({ do: fc.constantFrom("cut" as const, "mend" as const), side: fc.constant("a"), text: fc.constant(0) }),
  },
);

describe("two devices on one job", () => {
  it("end up equal and drop nothing, whatever is typed and cut when, with clocks five minutes off", () => {
    const off = fc.integer({ min: -300_000, max: 300_000 });
    fc.assert(
      fc.property(fc.array(act, { minLength: 5, maxLength: 60 }), off, off, (acts, aheadA, aheadB) => {
        const { a, b, lines, settle } = paired(aheadA, aheadB);
        settle();
        const added = new Set<string>();
        const deleted = new Set<string>();
        const told = new Set<string>();
        let n = 0;
        for (const [ms, { do: what, side, text }] of acts.entries()) {
          const phone = side === "a" ? a : b;
          const held = [...phone.records.values()];
          if (what === "arrive") lines.arrive(side as "a" | "b");
          else if (what === "take") phone.takeIn();
          else if (what === "cut") lines.cut();
          else if (what === "mend") lines.mend();
          else if (what === "note") {
            const mine = held.find((r) => r.kind === "rig");
            if (mine !== undefined) phone.change({ ...mine, note: `note ${text}` }, ms);
          } else if (what === "unit") {
            const mine = held.find((r) => r.kind === "unit");
            if (mine !== undefined) phone.change({ ...mine, model: `M ${text}` }, ms);
          } else if (what === "run") {
            // A record that either may begin, apart from the other.
            n += 1;
            const mine = held.find((r) => r.kind === "learning") ?? newLearning(phone.now(ms), job);
            const start = { at: phone.now(ms), what: "start" as const, peakA: text, failed: false, by: "tap" as const };
            told.add(`${side}${n}`);
            phone.change({ ...mine, events: { ...mine.events, [`${side}${n}`]: start } }, ms);
          } else if (what === "reading") {
            n += 1;
            const reading = newReading({ id: asId("reading", `${side}${n}`), now: phone.now(ms) }, job, "before", text);
            added.add(recordKey(reading));
            phone.change(reading, ms);
          } else {
            const mine = held.filter((r) => r.kind === "reading")[text];
            if (mine !== undefined) {
              deleted.add(recordKey(mine));
              phone.remove(recordKey(mine), ms);
            }
          }
        }
        settle();
        expect(a.text()).toBe(b.text());
        expect(canonical(a.replica.knows)).toBe(canonical(b.replica.knows));
        const readings = [...a.records.values()].filter((r) => r.kind === "reading").map(recordKey);
        expect(readings.toSorted()).toEqual([...added].filter((key) => !deleted.has(key)).toSorted());
        const learning = [...a.records.values()].find((r) => r.kind === "learning");
        expect(Object.keys(learning?.events ?? {}).toSorted()).toEqual([...told].toSorted());
        expect([a.shared.unread(), b.shared.unread()]).toEqual([0, 0]);
        expect(canonical(a.replica.overruled(""))).toBe(canonical(b.replica.overruled("")));
      }),
      { numRuns: 200 },
    );
  });

  it("of two notes typed at once one counts, and the other stands beside it on both", () => {
    const { a, b, lines, settle } = paired(0, 240_000);
    settle();
    lines.cut();
    a.change({ ...rig, note: "from the roof" }, 10);
    b.change({ ...rig, note: "from below" }, 11);
    settle();
    for (const phone of [a, b]) {
      const [told] = phone.replica.overruled("record ");
      expect(new Set([told?.counts.value, told?.beside.value])).toEqual(new Set(["from the roof", "from below"]));
      expect([...phone.records.values()].find((r) => r.kind === "rig")).toMatchObject({ note: told?.counts.value });
    }
  });

  it("what one deletes while the other changes it stays, and that is told", () => {
    const { a, b, lines, settle } = paired(0, 0);
    const reading = newReading({ id: asId("reading", "x"), now: iso(NOW) }, job, "before", 40);
    a.change(reading, 1);
    settle();
    lines.cut();
    a.remove(recordKey(reading), 2);
    b.change({ ...reading, amps: 41 }, 3);
    settle();
    expect(a.text()).toBe(b.text());
    expect([...a.records.values()].find((r) => r.kind === "reading")).toMatchObject({ amps: 41 });
    expect(b.replica.overruled("record ")).toMatchObject([{ doc: "record reading x", piece: null }]);
  });

  it("what comes in while something is being done here is still due afterward, and is not taken back", () => {
    const { a, b, settle, lines } = paired(0, 0);
    settle();
    a.change({ ...rig, note: "first" }, 1);
    while (lines.arrive("b"));
    const due = b.shared.due();
    a.change({ ...rig, note: "second" }, 2);
    while (lines.arrive("b"));
    for (const one of due) {
      const mine = b.records.get("rig r");
      if (one.do === "change" && mine !== undefined) b.records.set("rig r", one.turn(mine));
      b.shared.took(one);
    }
    b.share(3);
    settle();
    expect(a.text()).toBe(b.text());
    expect(a.records.get("rig r")).toMatchObject({ note: "second" });
  });

  it("meets a copy that lies there already: the newer of a field counts, the older stands beside it, and nothing is written over", () => {
    const lines = memoryLines();
    lines.cut();
    const [a, b] = [new Phone("a", 0, BEGUN), new Phone("b", 0, BEGUN)];
    a.records.set("rig r", { ...rig, note: "older", updatedAt: iso(NOW + 1000) });
    b.records.set("rig r", { ...rig, note: "newer", updatedAt: iso(NOW + 9000) });
    a.records.set("unit u", { ...unit, model: "A newer", updatedAt: iso(NOW + 9000) });
    b.records.set("unit u", { ...unit, model: "B older", updatedAt: iso(NOW + 1000) });
    const only = newReading({ id: asId("reading", "own"), now: iso(NOW) }, job, "before", 33);
    b.records.set("reading own", only);
    a.connect(lines.a);
    b.connect(lines.b);
    a.share(2000);
    lines.mend();
    while (lines.arrive("a") || lines.arrive("b"));
    b.shared.meet([...b.records.values()], iso(NOW + 9500));
    for (let k = 0; k < 3; k++) {
      for (const phone of [a, b]) {
        phone.takeIn();
        phone.share(9600 + k);
      }
      while (lines.arrive("a") || lines.arrive("b"));
    }
    expect(a.text()).toBe(b.text());
    expect(a.records.get("rig r")).toMatchObject({ note: "newer" });
    expect(a.records.get("unit u")).toMatchObject({ model: "A newer" });
    expect(a.records.get("reading own")).toMatchObject({ amps: 33 });
    expect(
      b.replica
        .overruled("record ")
        .map((o) => o.beside.value)
        .toSorted(),
    ).toEqual(["B older", "older"]);
  });

  it("goes on after a reload from what was kept, and counts nothing twice", () => {
    const { a, b, lines, settle } = paired(0, 0);
    settle();
    lines.cut();
    a.change({ ...rig, note: "typed alone" }, 5);
    const again = new Replica(JSON.parse(JSON.stringify(a.replica.state())));
    const shared = new SharedRig(again, JSON.parse(JSON.stringify(a.shared.agreed())));
    expect(shared.give([...a.records.values()], iso(NOW))).toBe(0);
    expect(again.missing(b.replica.knows).ops.map((op) => op.value)).toEqual(["typed alone"]);
  });

  it("notices an end that falls silent while its line seems open, and is in step again with its first word", () => {
    const { a, b, lines, settle } = paired(0, 0);
    settle();
    const stands = (): string | undefined => a.session?.state.line;
    a.session?.ping();
    a.session?.ping();
    expect(stands()).toBe("open");
    a.session?.ping();
    expect(stands()).toBe("cut");
    a.change({ ...rig, note: "typed meanwhile" }, 5);
    while (lines.arrive("a") || lines.arrive("b"));
    expect(stands()).toBe("open");
    settle();
    expect(b.text()).toBe(a.text());
    expect(b.records.get(`rig ${rig.id}`)).toMatchObject({ note: "typed meanwhile" });
  });

  it("does not share with another version of the app, and takes no text that is none of its messages", () => {
    const lines = memoryLines();
    const [a, b] = [new Phone("a", 0, BEGUN), new Phone("b", 0, [])];
    a.connect(lines.a);
    const other = new Session(lines.b, { replica: b.replica, name: "b", speaks: "older", nowMs: () => NOW, onDocs: () => undefined });
    a.share(0);
    lines.a.send("{]");
    lines.a.send(JSON.stringify({ say: "sync", sync: { known: {}, ops: [{ by: "a" }] } }));
    while (lines.arrive("a") || lines.arrive("b"));
    expect(other.state.refused).toBe("another-version");
    expect(b.replica.names("")).toEqual([]);
  });
});
