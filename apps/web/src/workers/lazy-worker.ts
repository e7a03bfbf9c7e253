import { fail, ok, type Result } from "@amp-saver/core/quantity";
import { type Remote, wrap } from "comlink";
import { TOO_LONG } from "../ui/too-long.ts";

/** Longest a worker's script may take to be there, ms. */
const LOAD_MS = 30_000;

/** Anything a worker answers beside its own. */
interface Ready {
  readonly ready: () => boolean;
}

/** What one asks a worker. */
export type Question<T, R> = (remote: Remote<T>) => Promise<R>;

/** How a worker came to no answer: it threw one, is no more, or took too long. `where` has the text to pass on. */
type Mishap = "threw" | "died" | "too-long";

/** Resolves with the reason when a worker dies; never while it lives. */
export function deathOf(worker: Worker): Promise<string> {
  return new Promise((tell) => {
    worker.addEventListener("error", (event) => tell(event.message || "the worker could not be loaded"));
    worker.addEventListener("messageerror", () => tell("the worker's answer could not be read"));
  });
}

interface Living<T> {
  readonly worker: Worker;
  readonly remote: Remote<T>;
  readonly dies: Promise<string>;
  readonly ready: Promise<unknown>;
}

/** A worker that is made when it is first asked, and anew after it died or took longer than `limitMs`. One question at a time. */
export class LazyWorker<T> {
  private living: Living<T> | null = null;

  private readonly make: () => Worker;
  private readonly limitMs: number;

  constructor(make: () => Worker, limitMs: number) {
    this.make = make;
    this.limitMs = limitMs;
  }

  /** Asks it; what it did not answer is a value. */
  async ask<R>(question: Question<T, R>): Promise<Result<R, Mishap>> {
    const living = this.living ?? this.start();
    this.living = living;
    const there = await this.within(living, living.ready, LOAD_MS);
    return there.ok ? this.within(living, question(living.remote), this.limitMs) : there;
  }

  private start(): Living<T> {
    const worker = this.make();
    const dies = deathOf(worker);
    void dies.then(() => this.end(worker));
    const ready = wrap<Ready>(worker).ready();
    return { worker, remote: wrap<T>(worker), dies, ready };
  }

  private end(worker: Worker): void {
    worker.terminate();
    if (this.living?.worker === worker) this.living = null;
  }

  private async within<R>({ worker, dies }: Living<T>, work: Promise<R>, ms: number): Promise<Result<R, Mishap>> {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<Result<R, Mishap>>((settle) => {
      timer = setTimeout(() => {
        this.end(worker);
        settle(fail("too-long", TOO_LONG));
      }, ms);
    });
    const answer = work.then(
      ok,
      (error: unknown): Result<R, Mishap> => fail("threw", error instanceof Error ? error.message : String(error)),
    );
    const lost = dies.then((why): Result<R, Mishap> => fail("died", why));
    return Promise.race([answer, lost, late]).finally(() => clearTimeout(timer));
  }
}
