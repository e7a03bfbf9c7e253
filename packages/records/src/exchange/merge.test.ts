import { canonical } from "@amp-saver/core/quantity";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoRecords } from "../demo/index.ts";
import type { JobId, RigId, UnitId } from "../identity.ts";
import { newFitLog } from "../kind/fit-log.ts";
import { newJob } from "../kind/job.ts";
import { newRig } from "../kind/rig.ts";
import { newUnit } from "../kind/unit.ts";
import { parseRecord } from "../parse.ts";
import type { AnyRecord } from "../record.ts";
import { recordKey } from "../record.ts";
import { decide, mergeRigs } from "./merge.ts";

const NOW = "2031-02-01T10:00:00.000Z";
const LATER = "2031-02-02T10:00:00.000Z";
const rig = newRig({ id: "r" as RigId, now: NOW }, "Tin Lantern");
const unit = newUnit({ id: "u" as UnitId, now: NOW }, rig.id, "Front");
const job = newJob({ id: "j" as JobId, now: NOW }, rig.id, unit.id, "Fit");
const work = newFitLog(NOW, job);
const BASE: readonly AnyRecord[] = [rig, unit, job, work];

const edit = (records: readonly AnyRecord[], id: string, change: object, updatedAt = LATER): AnyRecord[] =>
  records.map((r) => (recordKey(r) === id ? ({ ...r, ...change, updatedAt } as AnyRecord) : r));
const without = (records: readonly AnyRecord[], id: string): AnyRecord[] => records.filter((r) => recordKey(r) !== id);
const text = (records: Iterable<AnyRecord>): string =>
  canonical([...records].map(({ updatedAt: _at, ...r }) => r).toSorted((a, b) => recordKey(a).localeCompare(recordKey(b))));
const of = (merge: { readonly records: ReadonlyMap<string, AnyRecord> }, kind: string): Record<string, unknown> =>
  [...merge.records.values()].find((r) => r.kind === kind) as unknown as Record<string, unknown>;

describe("the same rig from two phones", () => {
  it("takes either side's change where the other left the group alone", () => {
    const merge = mergeRigs(BASE, edit(BASE, "unit u", { model: "mine" }), edit(BASE, "unit u", { name: "Front, theirs" }));
    expect(merge.conflicts).toEqual([]);
    expect(of(merge, "unit")).toMatchObject({ model: "mine", name: "Front, theirs", updatedAt: LATER });
  });

  it("asks where both changed the same group, and keeps this side's until it is decided", () => {
    const merge = mergeRigs(BASE, edit(BASE, "unit u", { name: "Mine" }, NOW), edit(BASE, "unit u", { name: "Theirs" }));
    expect(merge.conflicts).toMatchObject([{ key: "unit u", group: ["name"], mine: "Mine", theirs: "Theirs", later: "theirs" }]);
    expect(of(merge, "unit").name).toBe("Mine");
    expect(of(decide(merge, new Map([[0, "theirs"]])), "unit").name).toBe("Theirs");
  });

  it("merges ticks one by one: two people on one roof", () => {
    const tick = { at: NOW, tugged: true, note: "" };
    const merge = mergeRigs(BASE, edit(BASE, "work j", { steps: { lift: tick } }), edit(BASE, "work j", { steps: { land: tick } }));
    expect(merge.conflicts).toEqual([]);
    expect(of(merge, "work").steps).toEqual({ lift: tick, land: tick });
  });

  it("never mixes two measurings: what one phone measured does not complete the other's proof of dead", () => {
    const dead = { volts: 0.1, lowImpedance: true };
    const mine = edit(BASE, "work j", { run: "mine", meterBefore: 121, pairs: { "L-N": dead, "L-G": dead } });
    const theirs = edit(BASE, "work j", {
      run: "theirs",
      meterBefore: 120,
      pairs: { "N-G": dead },
      steps: { lift: { at: NOW, tugged: true, note: "" } },
    });
    const merge = mergeRigs(BASE, mine, theirs);
    expect(merge.conflicts.map((c) => c.group)).toEqual([["evidence"]]);
    expect(of(merge, "work")).toMatchObject({ run: "mine", pairs: { "L-N": dead, "L-G": dead }, steps: { lift: {} } });
    expect(of(merge, "work").pairs).not.toHaveProperty("N-G");
    const other = of(decide(merge, new Map([[0, "theirs"]])), "work");
    expect(other).toMatchObject({ run: "theirs", meterBefore: 120 });
    expect(other.pairs).toEqual({ "N-G": dead });
    expect(mergeRigs(null, mine, theirs).conflicts.map((c) => c.group)).toContainEqual(["evidence"]);
    expect(of(mergeRigs(BASE, BASE, theirs), "work")).toMatchObject({ run: "theirs", pairs: { "N-G": dead } });
  });

  it("carries a deletion over, unless the other side changed what it deleted", () => {
    expect(mergeRigs(BASE, BASE, without(BASE, "work j")).removed).toEqual(["work j"]);
    const changed = mergeRigs(BASE, edit(BASE, "work j", { screwsOut: 3 }), without(BASE, "work j"));
    expect(changed.removed).toEqual([]);
    expect(changed.conflicts).toMatchObject([{ group: null, theirs: undefined }]);
    expect(decide(changed, new Map([[0, "theirs"]])).removed).toEqual(["work j"]);
    const back = mergeRigs(BASE, without(BASE, "work j"), edit(BASE, "work j", { screwsOut: 3 }));
    expect(back.removed).toEqual(["work j"]);
    expect(of(decide(back, new Map([[0, "theirs"]])), "work")).toMatchObject({ screwsOut: 3 });
  });

  it("adds what only one side has, and never takes it for deleted without a shared state", () => {
    const more = newUnit({ id: "u2" as UnitId, now: LATER }, rig.id, "Rear");
    expect(mergeRigs(BASE, BASE, [...BASE, more]).records.has("unit u2")).toBe(true);
    expect(mergeRigs(null, [...BASE, more], BASE).records.has("unit u2")).toBe(true);
    expect(mergeRigs(null, [...BASE, more], BASE).removed).toEqual([]);
  });

  it("leaves every difference to a person where nothing was ever shared", () => {
    const merge = mergeRigs(null, edit(BASE, "unit u", { name: "Mine" }), edit(BASE, "unit u", { name: "Theirs", model: "x" }));
    expect(merge.conflicts.map((c) => c.group)).toEqual([["name"], ["model"]]);
  });
});

/** Changes that anyone could make to the demo's rig. */
const changes = fc.array(
  fc.record({
    at: fc.nat({ max: 30 }),
    what: fc.constantFrom("name", "note", "gone", "steps"),
    text: fc.constantFrom("a", "b", "c"),
  }),
  { maxLength: 6 },
);
type Changes = typeof changes extends fc.Arbitrary<infer T> ? T : never;
const demo = demoRecords().filter((r) => r.kind !== "starter");

function changed(records: readonly AnyRecord[], list: Changes): AnyRecord[] {
  let now = [...records];
  for (const { at, what, text: value } of list) {
    const target = now[at % now.length]!;
    if (what === "gone") now = target.kind === "reading" || target.kind === "load" ? now.filter((r) => r !== target) : now;
    else if (what === "steps")
      now = now.map((r) => (r.kind === "work" ? { ...r, steps: { ...r.steps, [value]: { at: NOW, tugged: true, note: String(at) } } } : r));
    else if (what in target) now = now.map((r) => (r === target ? ({ ...r, [what]: value } as AnyRecord) : r));
  }
  return now;
}

describe("any two sides", () => {
  const run = (check: (mine: AnyRecord[], theirs: AnyRecord[]) => void): void =>
    fc.assert(
      fc.property(changes, changes, (a, b) => check(changed(demo, a), changed(demo, b))),
      { seed: 31, numRuns: 60 },
    );

  it("merged with what was shared, are themselves", () => {
    run((mine) => {
      expect(text(mergeRigs(demo, mine, demo).records.values())).toBe(text(mine));
      expect(text(mergeRigs(demo, demo, mine).records.values())).toBe(text(mine));
      expect(mergeRigs(demo, mine, demo).conflicts).toEqual([]);
      expect(mergeRigs(demo, mine, mine).conflicts).toEqual([]);
    });
  });

  it("come to the same whichever merges first, once the same is decided", () => {
    run((mine, theirs) => {
      const ab = mergeRigs(demo, mine, theirs);
      const ba = mergeRigs(demo, theirs, mine);
      expect(ab.conflicts.length).toBe(ba.conflicts.length);
      const asMine = decide(ab, new Map());
      const asTheirs = decide(ba, new Map(ba.conflicts.map((_, k) => [k, "theirs"])));
      expect(text(asMine.records.values())).toBe(text(asTheirs.records.values()));
      expect([...asMine.removed].toSorted()).toEqual([...asTheirs.removed].toSorted());
    });
  });

  it("lose nothing: every record of the result is whole, and every group is one that came in", () => {
    run((mine, theirs) => {
      const merge = mergeRigs(demo, mine, theirs);
      const known = new Map([...demo, ...mine, ...theirs].map((r) => [recordKey(r), [] as AnyRecord[]]));
      for (const record of [...demo, ...mine, ...theirs]) known.get(recordKey(record))!.push(record);
      for (const [key, record] of merge.records) {
        expect(parseRecord(record).ok).toBe(true);
        for (const [field, value] of Object.entries(record)) {
          if (field === "updatedAt" || field === "steps") continue;
          expect(known.get(key)!.some((r) => canonical((r as unknown as Record<string, unknown>)[field]) === canonical(value))).toBe(true);
        }
      }
      for (const key of merge.removed) expect(known.has(key)).toBe(true);
      for (const record of [...mine, ...theirs])
        expect(merge.records.has(recordKey(record)) || merge.removed.includes(recordKey(record))).toBe(true);
    });
  });
});
