import type { LocalProof } from "@amp-saver/core/study/isolation";
import { newFitLog, type RigId } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import { readBundle } from "../../store/bundle.ts";
import { importCommit } from "../../store/commands.ts";
import { memoryStore } from "../../store/memory.ts";
import { lockKeeper, lockState } from "./lock-keeper.ts";

const RIG = "demo-tin-lantern" as RigId;
const [FRONT, REAR] = ["demo-front-job", "demo-rear-job"];

/** A device with the demo's roof of two units, none of it measured here, and a clock that is set by hand. */
async function device() {
  const store = memoryStore();
  await store.commit({ ...importCommit(demoRecords()), silent: true });
  const proofs = new Map<string, LocalProof>();
  const begun = new Map<string, { current: null }>([FRONT, REAR].map((id) => [id!, { current: null }]));
  let now = Date.parse("2026-06-21T16:00:00.000Z");
  let runs = 0;
  const deadProofOf = (id: string): LocalProof | null => proofs.get(id) ?? null;

  /** The lock as the screen of a job has it now. */
  async function at(jobId: string) {
    const bundle = (await readBundle(store, RIG))!;
    const { jobs, units, wirings, works } = bundle;
    const job = jobs.find((j) => j.id === jobId)!;
    const unit = units.find((u) => u.id === job.unitId)!;
    const wiring = wirings.find((w) => w.unitId === unit.id)!;
    const stored = works.find((w) => w.jobId === jobId) ?? newFitLog(job.createdAt, job);
    const state = lockState({ job, bundle, unit, wiring, stored, deadProofOf, nowMs: now });
    const turn = (id: string, next: (old: LocalProof | null) => LocalProof | null): void => {
      const turned = next(deadProofOf(id));
      if (turned === null) proofs.delete(id);
      else proofs.set(id, turned);
    };
    const keeper = lockKeeper({
      job,
      jobs,
      stored,
      ...state,
      begunOn: begun.get(jobId)!,
      proofs: { of: deadProofOf, turn },
      commit: (commit) => store.commit(commit),
      newRun: () => `run ${++runs}`,
      nowMs: () => now,
    });
    return { ...keeper, stored, ...state };
  }

  /** Measures a job's unit dead, one answer after the other, and declares it. */
  async function prove(jobId: string) {
    for (const { id } of (await at(jobId)).view.feeds) (await at(jobId)).saveFeed(id, { off: true, locked: true });
    const once = await at(jobId);
    const dead = { volts: 0.2, lowImpedance: true };
    await once.saveEvidence({ meterBefore: 122, meterAfter: 122 }, "meter", {
      pairs: Object.fromEntries(once.view.pairs.map(({ pair }) => [pair, dead])),
      capacitors: Object.fromEntries(once.view.capacitors.map(({ id }) => [id, { first: 1, firstAt: null, second: 1 }])),
    });
    (await at(jobId)).declare();
  }
  return { at, prove, pass: (minutes: number) => (now += minutes * 60_000) };
}

describe("the keeper of a unit’s lock", () => {
  it("opens when all is measured and declared, and not before", async () => {
    const { at, prove } = await device();
    const first = await at(FRONT!);
    expect(first.lock).toBe("tasks-open");
    await first.saveEvidence({ meterBefore: 122 }, "meter before");
    expect((await at(FRONT!)).lock).toBe("tasks-open");
    await prove(FRONT!);
    const { lock, stored } = await at(FRONT!);
    expect(lock).toBeNull();
    expect(stored.events.at(-1)?.what).toBe("proved");
  });

  it("leaves out what another measuring found, and keeps two figures typed before the first was read back", async () => {
    const { at } = await device();
    const before = await at(FRONT!);
    expect(Object.keys(before.stored.pairs)).not.toHaveLength(0);
    void before.saveEvidence({ meterBefore: 121 }, "meter before");
    await before.saveEvidence({ meterAfter: 120 }, "meter after");
    const { stored, work } = await at(FRONT!);
    expect(stored.pairs).toEqual({});
    expect([work.meterBefore, work.meterAfter, work.run]).toEqual([121, 120, "run 1"]);
  });

  it("is locked by a figure that changes after it was declared, and by an hour without work", async () => {
    const { at, prove, pass } = await device();
    await prove(FRONT!);
    pass(50);
    await (await at(FRONT!)).save({ mountReason: "" }, "mounting");
    pass(50);
    expect((await at(FRONT!)).lock).toBeNull();
    await (await at(FRONT!)).saveEvidence({ meterAfter: 3 }, "meter after");
    expect((await at(FRONT!)).lock).toBe("tasks-open");
    await (await at(FRONT!)).saveEvidence({ meterAfter: 119 }, "meter after");
    expect((await at(FRONT!)).lock).toBe("evidence-changed");
    (await at(FRONT!)).declare();
    pass(61);
    expect((await at(FRONT!)).lock).toBe("long-break");
    expect((await at(FRONT!)).work.pairs).toEqual({});
  });

  it("goes on under the other unit’s proof without asking the roof again, and is locked with it", async () => {
    const { at, prove } = await device();
    await prove(FRONT!);
    (await at(REAR!)).shareRoof();
    const shared = await at(REAR!);
    expect(shared.view.open.some(({ task }) => task.startsWith("source-"))).toBe(false);
    await prove(REAR!);
    expect([(await at(FRONT!)).lock, (await at(REAR!)).lock]).toEqual([null, null]);
    (await at(REAR!)).relock("powered");
    expect((await at(FRONT!)).lock).not.toBeNull();
    expect((await at(REAR!)).lock).not.toBeNull();
    expect((await at(FRONT!)).stored.events.at(-1)?.what).toBe("powered");
  });

  it("locks every unit when one says that a source can feed again", async () => {
    const { at, prove } = await device();
    await prove(FRONT!);
    await prove(REAR!);
    const rear = await at(REAR!);
    rear.saveFeed(rear.view.feeds[0]!.id, { off: false, locked: true });
    expect((await at(FRONT!)).lock).toBe("tasks-open");
    expect((await at(REAR!)).lock).toBe("tasks-open");
  });
});
