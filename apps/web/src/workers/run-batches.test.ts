import { fail, ok } from "@amp-saver/core/quantity";
import { describe, expect, it, vi } from "vitest";
import { type AskBatch, type BatchPlan, type BatchProgress, runBatches } from "./run-batches.ts";

/** Members of a batch, as the batch itself. */
type Members = readonly number[];

const members = (from: number, to: number): Members => Array.from({ length: to - from }, (_, k) => from + k);
const PLAN: BatchPlan<string, Members> = {
  total: 10,
  size: 4,
  settledMs: 0,
  rank: 3,
  ask: async (_, __, from, to) => members(from, to),
};

/** A line that answers when it is told to, in whatever order. */
function line(): { readonly ask: AskBatch; readonly waiting: (() => Promise<void>)[]; readonly ranks: number[] } {
  const waiting: (() => Promise<void>)[] = [];
  const ranks: number[] = [];
  const ask: AskBatch = (question, { rank, signal }) => {
    ranks.push(rank);
    return new Promise((settle) => {
      waiting.push(async () => settle(signal?.aborted ? fail("cancelled", "") : ok(await question(undefined as never))));
    });
  };
  return { ask, waiting, ranks };
}

/** Answers all that waits, the last first, until nothing does. */
async function answerAll(waiting: (() => Promise<void>)[]): Promise<void> {
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    await next();
    await new Promise((seen) => setTimeout(seen, 0));
  }
}

describe("tries in batches", () => {
  it("cover every member once and come in order, in whatever order they were answered", async () => {
    const { ask, waiting, ranks } = line();
    const told: BatchProgress<Members>[] = [];
    runBatches(ask, ["a", "b"], PLAN, (progress) => told.push(progress));
    await answerAll(waiting);
    expect(ranks).toEqual([3, 3, 3, 3, 3, 3]);
    expect(told.at(-1)).toEqual({
      of: [members(0, 10), members(0, 10)].map((all) => [all.slice(0, 4), all.slice(4, 8), all.slice(8)]),
      running: false,
      failed: null,
    });
  });

  it("go on for the questions that need it, as far as the plan says", async () => {
    const { ask, waiting } = line();
    let last: BatchProgress<Members> | undefined;
    const plan = { ...PLAN, size: 5, goOn: (batches: readonly Members[], done: number) => (done < 20 && batches.length < 4 ? 20 : done) };
    runBatches(ask, ["a"], plan, (progress) => {
      last = progress;
    });
    await answerAll(waiting);
    expect(last?.of[0]?.flat()).toEqual(members(0, 20));
    expect(last?.running).toBe(false);
  });

  it("tell now and then how far they are, not after every batch", async () => {
    vi.useFakeTimers();
    try {
      const { ask, waiting } = line();
      const told: number[] = [];
      runBatches(ask, ["a"], { ...PLAN, total: 100 }, ({ of }) => told.push(of[0]!.length));
      for (let k = 0; k < 10; k++) await waiting.shift()?.();
      await vi.advanceTimersByTimeAsync(0);
      expect(told).toEqual([]);
      await vi.advanceTimersByTimeAsync(500);
      expect(told).toEqual([10]);
    } finally {
      vi.useRealTimers();
    }
  });

  it("end at the first that fails, with what was answered and why", async () => {
    const told: BatchProgress<Members>[] = [];
    let asked = 0;
    const ask: AskBatch = async (question) => {
      asked += 1;
      return asked === 2 ? fail("died", "out of memory") : ok(await question(undefined as never));
    };
    runBatches(ask, ["a"], PLAN, (progress) => told.push(progress));
    await new Promise((seen) => setTimeout(seen, 20));
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ running: false, failed: "out of memory" });
  });

  it("say nothing any more once they are ended", async () => {
    const { ask, waiting } = line();
    const told: unknown[] = [];
    const end = runBatches(ask, ["a"], PLAN, (progress) => told.push(progress));
    await waiting.shift()?.();
    end();
    await answerAll(waiting);
    await new Promise((seen) => setTimeout(seen, 150));
    expect(told).toEqual([]);
  });
});

describe("questions that were tried before", () => {
  it("are asked only for the members that are not known yet, and keep what comes", async () => {
    const { ask, waiting } = line();
    const known = new Map([["a", new Map<number, Members>([[0, members(0, 4)]])]]);
    const told: BatchProgress<Members>[] = [];
    const before = (question: string): Map<number, Members> => known.get(question) ?? new Map();
    runBatches(ask, ["a"], PLAN, (progress) => told.push(progress), before);
    expect(waiting).toHaveLength(2);
    await answerAll(waiting);
    expect(told.at(-1)?.of[0]?.flat()).toEqual(members(0, 10));
    runBatches(ask, ["a"], PLAN, (progress) => told.push(progress), before);
    expect(waiting).toHaveLength(0);
    expect(told.at(-1)).toEqual({ of: [[0, 4, 8].map((k) => members(k, Math.min(10, k + 4)))], running: false, failed: null });
  });

  it("go on past what is known as the plan says", async () => {
    const { ask, waiting } = line();
    const known = new Map<number, Members>([
      [0, members(0, 4)],
      [4, members(4, 8)],
      [8, members(8, 10)],
    ]);
    const on: BatchPlan<string, Members> = { ...PLAN, goOn: (_, done) => Math.max(done, 14) };
    const told: BatchProgress<Members>[] = [];
    runBatches(
      ask,
      ["a"],
      on,
      (progress) => told.push(progress),
      () => known,
    );
    expect(waiting).toHaveLength(1);
    await answerAll(waiting);
    expect(told.at(-1)?.of[0]?.flat()).toEqual(members(0, 14));
  });
});
