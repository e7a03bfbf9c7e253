import {
  type AirConditioner,
  asId,
  type Figure,
  type Job,
  newGenerator,
  RECORD_KINDS,
  type Reading,
  type RigId,
  type Source,
} from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { describe, expect, it } from "vitest";
import type { RigBundle } from "./bundle.ts";
import { readBundle } from "./bundle.ts";
import {
  addSourceCommit,
  addUnitCommit,
  answersCommit,
  deleteRigCommit,
  deleteSourceCommit,
  deleteStarterCommit,
  editCommit,
  importCommit,
  newAsked,
  newRigCommit,
  newSource,
} from "./commands.ts";
import { addPhotoCommit, addReadingCommit, deleteReadingCommit } from "./evidence-commands.ts";
import { newId } from "./identity.ts";
import { memoryStore } from "./memory.ts";
import type { RecordStore } from "./port.ts";

const RIG = "demo-tin-lantern" as RigId;

async function demo(): Promise<RecordStore> {
  const store = memoryStore();
  await store.commit({ ...importCommit(demoRecords()), silent: true });
  return store;
}

const bundleOf = async (store: RecordStore): Promise<RigBundle> => (await readBundle(store, RIG))!;

const count = async (store: RecordStore): Promise<number> =>
  (await Promise.all(RECORD_KINDS.map(async (kind) => (await store.list(kind)).length))).reduce((a, b) => a + b, 0);

describe("what a user does, as commits", () => {
  it("begins a rig with a unit and a job that point at it", async () => {
    const store = memoryStore();
    const asked = newAsked("New rig", "Roof unit", "Will it start?");
    await store.commit(newRigCommit("Lark Cabin", { ...asked, source: newSource("shore", asked.rig.id, "Pedestal") }));
    const job = (await store.get("job", asked.job.id)) as Job;
    expect((await store.get("rig", job.rigId))?.name).toBe("Lark Cabin");
    expect((await store.get("unit", job.unitId))?.rigId).toBe(job.rigId);
    expect((await store.get("source", job.sourceId ?? ""))?.name).toBe("Pedestal");
    await store.undo();
    expect(await count(store)).toBe(0);
  });

  it("deletes a rig with all that belongs to it and nothing else, and brings it back whole", async () => {
    const store = await demo();
    const job = (await store.list("job", RIG))[0]!;
    await store.commit(addPhotoCommit(job, "plate", { across: 4, down: 3, bytes: 9 }).commit);
    const before = await count(store);
    const bundle = await bundleOf(store);
    expect(bundle.photos.map((p) => p.unitId)).toEqual([job.unitId]);
    await store.commit(deleteRigCommit(bundle));
    expect(await count(store)).toBe(demoRecords().filter((r) => r.id !== RIG && !("rigId" in r && r.rigId === RIG)).length);
    expect((await store.list("rig")).map((r) => r.name).toSorted()).toEqual(["Fennel Row 12", "Heron Post"]);
    await store.undo();
    expect(await count(store)).toBe(before);
    expect(await bundleOf(store)).toEqual(bundle);
  });

  it("deletes a source: jobs that in use it ask about none, readings forget it", async () => {
    const store = await demo();
    const bundle = await bundleOf(store);
    const generator = bundle.sources.find((s) => s.id === "demo-gen") as Source;
    const pedestal = bundle.sources.find((s) => s.id === "demo-pedestal") as Source;
    await store.commit(deleteSourceCommit(bundle, generator));
    expect(await store.get("job", "demo-front-job")).toMatchObject({ sourceId: null, answer: null });
    expect((await store.get("job", "demo-rear-job"))?.sourceId).toBe("demo-small-gen");
    await store.commit(deleteSourceCommit(await bundleOf(store), pedestal));
    expect((await store.list("reading", RIG)).every((r) => r.sourceId === null)).toBe(true);
    await store.undo();
    await store.undo();
    expect(await bundleOf(store)).toEqual(bundle);
  });

  it("adds a source with the volts of the unit's class, in use at once", async () => {
    const store = await demo();
    const bundle = await bundleOf(store);
    const job = bundle.jobs[0] as Job;
    const unit = { ...bundle.units[0], plateVolts: { value: 230, from: "plate" } } as AirConditioner;
    await store.commit(addSourceCommit(bundle, job, "shore", "House", unit));
    const asked = await store.get("source", (await store.get("job", job.id))?.sourceId ?? "");
    expect(asked).toMatchObject({ type: "shore", name: "House", volts: { value: 240, from: "typical" } });
  });

  it("keeps two edits of one record that cross each other", async () => {
    const store = await demo();
    const unit = (await store.get("unit", "demo-front")) as AirConditioner;
    await Promise.all([
      store.commit(editCommit(unit, { fanA: { value: 3, from: "plate" } }, "fanA")),
      store.commit(editCommit(unit, { ratedLoadA: { value: 12, from: "plate" } }, "ratedLoadA")),
    ]);
    expect(await store.get("unit", "demo-front")).toMatchObject({ fanA: { value: 3 }, ratedLoadA: { value: 12 } });
  });

  it("keeps both answers of one figure, and of one part of it, though the second was given before the first was drawn", async () => {
    const store = await demo();
    const unit = (await store.get("unit", "demo-front")) as AirConditioner;
    const seen: Figure = { value: 2.5, from: "plate" };
    const asSeen = { ...unit, fanA: seen };
    await store.commit(editCommit(asSeen, { fanA: seen }));
    await store.commit(editCommit(asSeen, { fanA: { ...seen, value: 3 } }, "fanA"));
    await store.commit(editCommit(asSeen, { fanA: { ...seen, from: "measured" } }, "fanA"));
    expect((await store.get("unit", "demo-front"))?.fanA).toEqual({ value: 3, from: "measured" });
    await store.commit(editCommit(asSeen, { fanA: seen }, "fanA"));
    expect((await store.get("unit", "demo-front"))?.fanA).toEqual(seen);
    const pair: Source = {
      ...newGenerator({ id: asId("source", "pair"), now: unit.createdAt }, unit.rigId, "Two"),
      type: "inverter-generator",
      second: {},
    };
    await store.commit({ label: "add-source", changes: [{ kind: "source", id: pair.id, after: pair }] });
    const surgeW = { value: 2400, from: "sheet" } as const;
    await store.commit(editCommit<Source>(pair, { second: { runningW: { value: 1800, from: "sheet" } } }, "second.runningW"));
    await store.commit(editCommit<Source>(pair, { second: { surgeW } }, "second.surgeW"));
    expect(await store.get("source", pair.id)).toMatchObject({ second: { runningW: { value: 1800 }, surgeW } });
    await store.commit(editCommit<Source>({ ...pair, second: { surgeW } }, { second: {} }, "second.surgeW"));
    expect(await store.get("source", pair.id)).toMatchObject({ second: { runningW: { value: 1800 } } });
    expect(await store.get("source", pair.id)).not.toHaveProperty("second.surgeW");
  });

  it("clears a figure, and an undo brings it back", async () => {
    const store = await demo();
    const unit = (await store.get("unit", "demo-front")) as AirConditioner;
    await store.commit(editCommit(unit, { fanA: undefined } as Partial<AirConditioner>, "fanA"));
    expect(Object.hasOwn((await store.get("unit", "demo-front")) ?? {}, "fanA")).toBe(false);
    await store.undo();
    expect((await store.get("unit", "demo-front"))?.fanA?.value).toBe(2.5);
  });

  it("takes a starter out of the catalogue for every rig's jobs", async () => {
    const store = await demo();
    const starter = (await store.list("starter"))[0]!;
    const jobs = await store.list("job");
    for (const { id } of jobs) await store.commit({ label: "edit", changes: [{ kind: "job", id, patch: { starterId: starter.id } }] });
    await store.commit(deleteStarterCommit(await store.list("job"), starter));
    expect((await store.list("job")).map((job) => job.starterId)).toEqual(jobs.map(() => null));
    await store.undo();
    expect((await store.list("job")).map((job) => job.starterId)).toEqual(jobs.map(() => starter.id));
  });

  it("keeps answers without a step to undo", async () => {
    const store = await demo();
    const job = (await store.get("job", "demo-front-job")) as Job;
    const answer = {
      fit: "fits",
      provisional: false,
      decides: "run",
      spareA: 1.8,
      tries: 1000,
      holds: 990,
      sourceId: job.sourceId!,
      method: "soft",
      at: job.createdAt,
      coreVersion: "0.1.0",
    } as const;
    await store.commit(answersCommit([{ job, answer }]));
    expect((await store.get("job", job.id))?.answer).toEqual(answer);
    expect((await store.history()).undo).toBeNull();
  });

  it("adds and deletes readings, and a further unit with its own job", async () => {
    const store = await demo();
    const job = (await store.get("job", "demo-front-job")) as Job;
    await store.commit(addReadingCommit(job, "after", 21.9, { meter: "bench clamp" }));
    const added = (await store.list("reading", RIG)).find((r) => r.amps === 21.9) as Reading;
    expect(added).toMatchObject({ when: "after", mode: "inrush", conductor: "common", meter: "bench clamp", jobId: job.id });
    await store.commit(deleteReadingCommit(added));
    expect(await store.get("reading", added.id)).toBeUndefined();
    const { commit, jobId } = addUnitCommit(await bundleOf(store), "Unit 3", "Will it start?");
    await store.commit(commit);
    expect((await store.list("unit", RIG)).length).toBe(3);
    expect((await store.get("job", jobId))?.rigId).toBe(RIG);
  });
});

describe("ids", () => {
  it("are long, plain and never the same", () => {
    const ids = Array.from({ length: 2000 }, () => newId());
    expect(new Set(ids).size).toBe(2000);
    expect(ids.every((id) => /^[0-9a-z]{20}$/.test(id))).toBe(true);
  });
});
