import { describe, expect, it } from "vitest";
import { demoRecords } from "../demo/index.ts";
import { asId } from "../identity.ts";
import { newFitLog } from "../kind/fit-log.ts";
import { DEFINITIONS } from "../kind/index.ts";
import type { Job } from "../kind/job.ts";
import { newLearning } from "../kind/learning.ts";
import { newPattern } from "../kind/pattern.ts";
import { newPhoto } from "../kind/photo.ts";
import { newPractice } from "../kind/practice.ts";
import { newProof } from "../kind/proof.ts";
import { newSound } from "../kind/sound.ts";
import { newStarter } from "../kind/starter.ts";
import { newTiming } from "../kind/timing.ts";
import type { AirConditioner } from "../kind/unit.ts";
import { newWiring } from "../kind/wiring.ts";
import { type AnyRecord, RECORD_KINDS } from "../record.ts";
import { fromPieces, piecesOf } from "./pieces.ts";

const NOW = "2026-06-01T08:00:00.000Z";
const DEMO = demoRecords();
const job = DEMO.find((r): r is Job => r.kind === "job")!;
const unit = DEMO.find((r): r is AirConditioner => r.kind === "unit")!;
const born = <Id extends string>(id: Id) => ({ id, now: NOW });

/** One of every kind as it is born, and whatever the demo has. */
const CASES: readonly AnyRecord[] = [
  ...DEMO,
  newLearning(NOW, job),
  newFitLog(NOW, job),
  newWiring(NOW, unit),
  newProof(NOW, job),
  newPractice(NOW, "windings"),
  newStarter(born(asId("starter", "s")), "Starter"),
  newPhoto(born(asId("photo", "p")), job, "as-found", { across: 4, down: 3, bytes: 2 }),
  newSound(born(asId("sound", "n")), job, "lift run-off", { seconds: 3, type: "audio/webm", bytes: 6 }),
  newTiming(born(asId("timing", "t")), job, "before", { heard: null, countedS: 0.4, sourceId: null }),
  newPattern(born(asId("pattern", "m")), job, unit, undefined, undefined, { kit: [], photos: [] }),
];

/** A record with its fields of entries emptied. */
const emptied = (record: AnyRecord): AnyRecord => {
  const fields: Readonly<Record<string, unknown>> = { ...record };
  const { entries } = DEFINITIONS[record.kind].merge;
  const none = entries.filter((name) => fields[name] !== undefined).map((name) => [name, {}]);
  return { ...record, ...Object.fromEntries(none) } as AnyRecord;
};

/** A record of which nothing is worked out yet. */
function asNew(record: AnyRecord): AnyRecord {
  const { own } = DEFINITIONS[record.kind].merge;
  const rest = Object.entries(record).filter(([name]) => !(name in own));
  const first = Object.entries(own).filter(([, value]) => value !== undefined);
  return Object.fromEntries([...rest, ...first]) as AnyRecord;
}

describe("a record in pieces", () => {
  it("is the same when it is put together where it never was, with entries and with none", () => {
    const covered = new Set(CASES.map(({ kind }) => kind));
    expect(RECORD_KINDS.filter((kind) => DEFINITIONS[kind].merge.entries.length > 0 && !covered.has(kind))).toEqual([]);
    for (const record of [...CASES, ...CASES.map(emptied)]) expect(fromPieces(piecesOf(record), record.updatedAt, record)).toEqual(record);
    for (const record of [...CASES, ...CASES.map(emptied)].map(asNew))
      expect(fromPieces(piecesOf(record), record.updatedAt, undefined)).toEqual(record);
  });

  it("has no piece of what each device works out anew", () => {
    for (const name of Object.keys(DEFINITIONS.job.merge.own))
      for (const names of [piecesOf(job), piecesOf(job)[""]]) expect(names).not.toHaveProperty([name]);
    expect(Object.keys(DEFINITIONS.job.merge.own)).toContain("answer");
  });

  it("is nothing without the piece it was born with", () => {
    for (const record of CASES) {
      const { "": _born, ...rest } = piecesOf(record);
      expect(fromPieces(rest, NOW, undefined)).toBeNull();
    }
  });
});
