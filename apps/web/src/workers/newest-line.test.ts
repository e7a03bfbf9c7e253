import { fail, ok } from "@amp-saver/core/quantity";
import { describe, expect, it } from "vitest";
import { type Newest, NewestLine } from "./newest-line.ts";
import type { Answer } from "./worker-queue.ts";

interface Asked {
  readonly question: number;
  readonly signal: AbortSignal;
  readonly answer: (answer: Answer<number>) => Promise<void>;
}

function setUp(): { readonly line: NewestLine<number, number>; readonly asked: Asked[]; readonly told: Newest<number>[] } {
  const asked: Asked[] = [];
  const told: Newest<number>[] = [];
  const ask = (question: number, signal: AbortSignal): Promise<Answer<number>> =>
    new Promise((settle) => {
      const answer = async (value: Answer<number>): Promise<void> => {
        settle(value);
        await new Promise((seen) => setTimeout(seen, 0));
      };
      asked.push({ question, signal, answer });
    });
  return { line: new NewestLine(ask, (state) => told.push(state)), asked, told };
}

/** Wants a question and asks it at once. */
function put(line: NewestLine<number, number>, question: number): void {
  line.want(String(question), question);
  void line.serve();
}

describe("the newest question", () => {
  it("is asked alone: of those that came meanwhile only the last, and the last answer stays until then", async () => {
    const { line, asked, told } = setUp();
    for (const question of [1, 2, 3, 4]) put(line, question);
    expect(asked.map((a) => a.question)).toEqual([1]);
    await asked[0]!.answer(ok(10));
    expect(asked.map((a) => a.question)).toEqual([1, 4]);
    expect(told.at(-1)).toEqual({ answer: 10, busy: true, answered: "1", failed: null });
    await asked[1]!.answer(ok(40));
    expect(told.at(-1)).toEqual({ answer: 40, busy: false, answered: "4", failed: null });
  });

  it("takes the place of one that still waits its turn", async () => {
    const { line, asked, told } = setUp();
    put(line, 1);
    put(line, 2);
    expect(asked[0]!.signal.aborted).toBe(true);
    await asked[0]!.answer(fail("cancelled", ""));
    await asked[1]!.answer(ok(20));
    expect(told.map((t) => t.answered)).toEqual([null, "2"]);
  });

  it("says why it could not be answered, and is asked again when it is wanted again", async () => {
    const { line, asked, told } = setUp();
    put(line, 1);
    await asked[0]!.answer(ok(10));
    put(line, 2);
    await asked[1]!.answer(fail("died", "out of memory"));
    expect(told.at(-1)).toEqual({ answer: undefined, busy: false, answered: "2", failed: "out of memory" });
    put(line, 2);
    await asked[2]!.answer(ok(20));
    expect(told.at(-1)).toEqual({ answer: 20, busy: false, answered: "2", failed: null });
  });

  it("that is forgotten is told no more", async () => {
    const { line, asked, told } = setUp();
    put(line, 1);
    line.forget();
    await asked[0]!.answer(ok(10));
    expect(told.at(-1)).toEqual({ answer: undefined, busy: false, answered: null, failed: null });
  });
});
