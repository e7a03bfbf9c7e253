import { assert, fail, type Result } from "@amp-saver/core/quantity";
import PQueue from "p-queue";
import { LIMIT_MS } from "../ui/too-long.ts";
import { LazyWorker, type Question } from "./lazy-worker.ts";

/** Why nothing was answered. `where` has the text to pass on; nobody waits for what was cancelled. */
type WorkerFailure = "threw" | "died" | "too-long" | "cancelled";

/** What came of a question to a worker. */
export type Answer<R> = Result<R, WorkerFailure>;

/** When a question's turn comes, and when it is wanted no more. */
export interface Ticket {
  /** Of those that wait, the least goes first. */
  readonly rank: number;
  readonly signal?: AbortSignal;
}

/** What goes on by itself: questions of this rank and later, of which only so many are asked at a time. */
export interface Aside {
  readonly rank: number;
  readonly atOnce: number;
}

/**
 * The line before some workers of a kind: each answers one question at a time, those of an earlier rank
 * first, whoever asks. A worker that dies is replaced and its question asked once more; one that takes longer than
 * the limit is ended and replaced. A question that is cancelled while it waits is never asked.
 */
export class WorkerQueue<T> {
  private readonly line: PQueue;
  private readonly idle: LazyWorker<T>[];
  private readonly aside: { readonly rank: number; readonly line: PQueue };

  constructor(
    make: () => Worker,
    size: number,
    limitMs = LIMIT_MS,
    { rank, atOnce }: Aside = { rank: Number.POSITIVE_INFINITY, atOnce: size },
  ) {
    this.line = new PQueue({ concurrency: size });
    this.aside = { rank, line: new PQueue({ concurrency: atOnce }) };
    this.idle = Array.from({ length: size }, () => new LazyWorker<T>(make, limitMs));
  }

  /** Asks when its turn comes. Never rejects. */
  ask<R>(question: Question<T, R>, { rank, signal }: Ticket): Promise<Answer<R>> {
    let begun = false;
    const cancelled = new Promise<Answer<R>>((settle) => {
      const cancel = (): void => {
        if (!begun) settle(fail("cancelled", ""));
      };
      if (signal?.aborted) cancel();
      signal?.addEventListener("abort", cancel, { once: true });
    });
    const turn = async (): Promise<Answer<R>> => {
      if (signal?.aborted) return fail("cancelled", "");
      begun = true;
      return this.now(question);
    };
    const order = { priority: -rank, throwOnTimeout: true } as const;
    const asked = (): Promise<Answer<R>> => this.line.add(turn, order);
    const answered = rank < this.aside.rank ? asked() : this.aside.line.add(asked, order);
    return Promise.race([answered, cancelled]);
  }

  private async now<R>(question: Question<T, R>): Promise<Answer<R>> {
    const worker = this.idle.pop();
    assert(worker !== undefined, "no more questions at a time than workers");
    const first = await worker.ask(question);
    const answer = !first.ok && first.reason === "died" ? await worker.ask(question) : first;
    this.idle.push(worker);
    return answer;
  }
}
