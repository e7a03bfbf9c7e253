import { conduct } from "@amp-saver/core/study/learning-runs";
import {
  type AirConditioner,
  type Job,
  type JobId,
  type Learning,
  newLearning,
  type Reading,
  type Source,
  type Starter,
} from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { importCommit, learningCommit } from "../../store/commands.ts";
import { memoryStore } from "../../store/memory.ts";
import {
  eventsOf,
  isHeld,
  type LearnView,
  learningSource,
  learnView,
  nextEventKey,
  type Rule,
  rulesFor,
  ruleWith,
  stopKeys,
  turnMates,
  turns,
  waitingAt,
  waitsOf,
} from "./learn.view.ts";

const records = demoRecords();
const job = records.find((r): r is Job => r.id === "demo-front-job")!;
const unit = records.find((r): r is AirConditioner => r.id === "demo-front")!;
const starter = records.find((r): r is Starter => r.kind === "starter")!;
const T0 = Date.parse("2031-02-01T10:00:00.000Z");
const MIN = 60_000;
const RULE = { runs: 3, mostRuns: 3, runS: 60, restS: 300 };

type Event = Learning["events"][string];
const event = (atMs: number, what: Event["what"], more: Partial<Event> = {}): Event => ({
  at: new Date(atMs).toISOString(),
  what,
  peakA: null,
  failed: false,
  by: "tap",
  ...more,
});

/** A job's learning with these events, told one after the other. */
function told(id: string, ...events: readonly Event[]): { readonly job: Job; readonly learning: Learning } {
  const own = { ...job, id: id as JobId };
  let learning: Learning = { ...newLearning(job.createdAt, own), rule: RULE };
  for (const [k, e] of events.entries())
    learning = { ...learning, events: { ...learning.events, [nextEventKey(learning, `id${99 - k}`)]: e } };
  return { job: own, learning };
}
const view = (of: ReturnType<typeof told>, nowMs: number): LearnView => learnView(of.job, [of.learning], nowMs);

describe("events of a job's learning", () => {
  it("stay in the order they were told, also when the clock was set back in between", () => {
    const { learning } = told(
      "a",
      event(T0, "start"),
      event(T0 + MIN, "stop"),
      event(T0 - 60 * MIN, "clock"),
      event(T0 - 50 * MIN, "start"),
    );
    expect(eventsOf(learning).map((e) => e.what)).toEqual(["start", "stop", "clock", "start"]);
  });

  it("name the last counted stop, whose peak may still be typed in", () => {
    const { learning } = told(
      "a",
      event(T0, "start"),
      event(T0 + MIN, "stop"),
      event(T0 + 7 * MIN, "start"),
      event(T0 + 8 * MIN, "stop", { failed: true }),
    );
    const keys = stopKeys(learning, conduct(learning.rule, eventsOf(learning), T0 + 9 * MIN));
    expect(keys.map((key) => learning.events[key])).toMatchObject([{ what: "stop", failed: false }]);
    expect(stopKeys(told("b").learning, conduct(learning.rule, [], T0))).toEqual([]);
  });

  it("stand for a fresh job as nothing done by the usual rule", () => {
    expect(learnView(job, [], T0)).toMatchObject({
      begunMs: null,
      state: { now: { phase: "ready" }, counted: 0 },
      learning: { ruleFrom: "five-five" },
    });
  });
});

describe("the source it learns on", () => {
  const rigs = records.filter((r): r is Source => r.kind === "source" && r.rigId === job.rigId);
  const readings = records.filter((r): r is Reading => r.kind === "reading");
  const fresh = learnView(job, [], T0);

  it("is the one picked, else where the readings were taken, else shore power, else the job’s", () => {
    const on = (sources: readonly Source[], read: readonly Reading[], sourceId: string | null) =>
      learningSource({ job, sources, readings: read }, { ...fresh.learning, sourceId: sourceId as Source["id"] | null })?.id;
    expect(on(rigs, readings, "demo-gen")).toBe("demo-gen");
    expect(on(rigs, readings, null)).toBe("demo-pedestal");
    expect(on(rigs, [], null)).toBe(rigs.find((s) => s.type === "shore")!.id);
    expect(
      on(
        rigs.filter((s) => s.type !== "shore"),
        [],
        null,
      ),
    ).toBe(job.sourceId);
    expect(on([], readings, "demo-gen")).toBeUndefined();
  });

  it("holds the first run until it is said to be strong, and eco mode off where there is one", () => {
    const [engine, shore] = (["inverter-generator", "shore"] as const).map((type) => rigs.find((s) => s.type === type)!);
    const view = (strongSource: boolean, ecoOff: boolean) => ({ ...fresh, learning: { ...fresh.learning, strongSource, ecoOff } });
    expect([view(false, true), view(true, false), view(true, true)].map((v) => isHeld(v, engine))).toEqual([true, true, false]);
    expect([view(false, false), view(true, false)].map((v) => isHeld(v, shore))).toEqual([true, false]);
    expect(isHeld(view(true, false), undefined)).toBe(true);
    expect(isHeld({ ...view(false, false), state: { ...fresh.state, counted: 1 } }, engine)).toBe(false);
  });
});

describe("who may take turns", () => {
  const of = (id: string, unitId: string, createdAt: string, handedOverAt?: string): Job => ({
    ...job,
    id: id as Job["id"],
    unitId: unitId as Job["unitId"],
    createdAt,
    ...(handedOverAt !== undefined && { handedOverAt }),
  });

  it("is each other unit’s newest job that is not handed over", () => {
    const mine = of("m", "u1", "2026-01-01");
    const all = [
      mine,
      of("a", "u2", "2026-01-01"),
      of("b", "u2", "2026-02-01"),
      of("c", "u3", "2026-03-01", "2026-03-02"),
      of("d", "u1", "2026-04-01"),
    ];
    expect(turnMates(mine, all).map((j) => j.id)).toEqual(["b"]);
  });
});

describe("whose turn it is", () => {
  it("lets the rested one run while the other rests, and counts the time that is left", () => {
    const rested = told("a", event(T0 - 10 * MIN, "start"), event(T0 - 9 * MIN, "stop"));
    const resting = told("b", event(T0 - 2 * MIN, "start"), event(T0 - MIN, "stop"));
    const plan = turns([view(rested, T0), view(resting, T0)], T0);
    expect(plan.next).toMatchObject({ id: "a", startS: 0 });
    expect(plan.runs.find((r) => r.id === "b")!.startS).toBe(240);
    expect(plan.runs).toHaveLength(4);
  });

  it("waits for the one that runs, and asks for nothing of one that is done", () => {
    const running = told("a", event(T0 - 20_000, "start"));
    const runs = [0, 1, 2].flatMap((k) => [event(T0 - (30 - k * 7) * MIN, "start"), event(T0 - (29 - k * 7) * MIN, "stop")]);
    const plan = turns([view(running, T0), view(told("b", ...runs), T0)], T0);
    expect(plan.runs.every((r) => r.id === "a")).toBe(true);
    expect(plan.next!.startS).toBe(340);
  });

  it("never starts one before it has rested, whatever has happened", () => {
    const moments = fc.array(fc.integer({ min: 0, max: 40 }), { maxLength: 8 });
    fc.assert(
      fc.property(moments, moments, (a, b) => {
        const make = (id: string, at: readonly number[]) =>
          told(id, ...at.toSorted((x, y) => x - y).map((m, k) => event(T0 - (41 - m) * MIN, k % 2 === 0 ? "start" : "stop")));
        const views = [view(make("a", a), T0), view(make("b", b), T0)];
        for (const run of turns(views, T0).runs) {
          const { state } = views.find((v) => v.learning.jobId === run.id)!;
          if (state.now.phase === "resting") expect(T0 + run.startS * 1000).toBeGreaterThanOrEqual(state.now.untilMs - 1);
        }
      }),
      { seed: 41, numRuns: 100 },
    );
  });
});

describe("rules to choose from", () => {
  it("have the sheet's own only where it was entered, and one's own always", () => {
    expect(rulesFor(undefined).map((r) => r.from)).not.toContain("sheet");
    const entered = rulesFor({ ...starter, learningRule: RULE });
    expect(entered.find((r) => r.from === "sheet")!.rule).toEqual(RULE);
    expect(entered.at(-1)).toEqual({ from: "own", rule: null });
  });
});

describe("waiting or faulty, by what is kept", () => {
  const none = { energyManager: false, transferSwitch: false, thermostatJustOff: false };
  const generator = records.find((r): r is Source => r.id === "demo-gen")!;
  const having = (gear: NonNullable<Source["gear"]>): Source => ({ ...generator, gear });

  it("goes by the starter's own delay and the time since the call", () => {
    const wait = (minutes: number, delayS: number | null) =>
      waitingAt(minutes * 60, none, unit, { ...starter, delayS }, { fan: true, volts: null });
    expect(wait(2, 180).verdict).toBe("waiting");
    expect(wait(6, 180).verdict).toBe("late");
    expect(wait(5, null).verdict).toBe("waiting");
    expect(wait(-1, 180).verdict).toBe("waiting");
  });

  it("knows what was entered with the source, without being told again", () => {
    expect(waitsOf(none, generator)).toEqual(none);
    expect(waitsOf(none, undefined)).toEqual(none);
    expect(waitsOf(none, having(["surge-protector"]))).toEqual({ ...none, energyManager: true });
    expect(waitsOf(none, having(["load-shed", "gfci"]))).toEqual({ ...none, energyManager: true });
    expect(waitsOf(none, having(["transfer"]))).toEqual({ ...none, transferSwitch: true });
    expect(waitsOf({ ...none, energyManager: true }, generator).energyManager).toBe(true);
    const seen = { fan: true, volts: null };
    const late = (source: Source) => waitingAt(400, waitsOf(none, source), unit, { ...starter, delayS: 180 }, seen).verdict;
    expect([late(generator), late(having(["surge-protector"]))]).toEqual(["late", "any-moment"]);
  });
});

describe("one's own rule", () => {
  it("takes figures typed one right after the other, before the first is kept", async () => {
    const store = memoryStore();
    await store.commit(importCommit(demoRecords()));
    const typed = (name: keyof Rule, value: number) =>
      store.commit(learningCommit(job, (kept) => ({ rule: ruleWith(kept.rule, name, value) }), "rule"));
    await Promise.all([typed("runs", 3), typed("mostRuns", 3), typed("runS", 60), typed("restS", 180)]);
    const kept = (await store.list("learning")).find((l) => l.jobId === job.id)!;
    expect(kept.rule).toEqual({ runs: 3, mostRuns: 3, runS: 60, restS: 180 });
  });

  it("never asks for fewer runs at most than at least", () => {
    expect(ruleWith(RULE, "runs", 8)).toEqual({ ...RULE, runs: 8, mostRuns: 8 });
    expect(ruleWith({ ...RULE, runs: 5, mostRuns: 8 }, "mostRuns", 2)).toMatchObject({ runs: 5, mostRuns: 5 });
  });
});
