import { type Remote, wrap } from "comlink";
import { LIMIT_MS, TOO_LONG } from "../ui/too-long.ts";

/** What a worker could not do, in words that can be copied. */
class WorkerFailure extends Error {}

/** Longest a worker's script may take to be there, ms. */
const LOAD_MS = 30_000;

/** Anything a worker answers beside its own. */
interface Ready {
  readonly ready: () => boolean;
}

/** A worker that is made when first asked, and anew after it broke or took too long. */
export interface Hired<T> {
  /** Asks it, after what was asked before; rejects with a `WorkerFailure` when it throws, dies or does not answer in time. */
  readonly call: <R>(ask: (remote: Remote<T>) => Promise<R>) => Promise<R>;
}

/** Rejects when a worker dies; never settles while it lives. */
export function deathOf(worker: Worker): Promise<never> {
  return new Promise<never>((_, reject) => {
    worker.addEventListener("error", (event) => reject(new WorkerFailure(event.message || "the worker could not be loaded")));
    worker.addEventListener("messageerror", () => reject(new WorkerFailure("the worker's answer could not be read")));
  });
}

interface Running<T> {
  readonly worker: Worker;
  readonly remote: Remote<T>;
  readonly dies: Promise<never>;
  readonly ready: Promise<unknown>;
}

/** Hires a worker of a kind. Its questions are answered one by one, so that the time of each is its own. */
export function hire<T>(make: () => Worker, limitMs = LIMIT_MS, loadMs = LOAD_MS): Hired<T> {
  let running: Running<T> | null = null;
  let line: Promise<unknown> = Promise.resolve();
  const end = (worker: Worker): void => {
    worker.terminate();
    if (running?.worker === worker) running = null;
  };
  const start = (): Running<T> => {
    const worker = make();
    const dies = deathOf(worker);
    dies.catch(() => end(worker));
    const remote = wrap<T>(worker);
    return { worker, remote, dies, ready: (remote as unknown as Remote<Ready>).ready() };
  };
  const within = async <R>({ worker, dies }: Running<T>, work: Promise<R>, ms: number): Promise<R> => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => {
        end(worker);
        reject(new WorkerFailure(TOO_LONG));
      }, ms);
    });
    try {
      return await Promise.race([work, dies, late]);
    } catch (error) {
      throw error instanceof WorkerFailure ? error : new WorkerFailure(String(error));
    } finally {
      clearTimeout(timer);
    }
  };
  const turn = async <R>(ask: (remote: Remote<T>) => Promise<R>): Promise<R> => {
    running ??= start();
    const current = running;
    await within(current, current.ready, loadMs);
    return within(current, ask(current.remote), limitMs);
  };
  return {
    call(ask) {
      const answer = line.then(() => turn(ask));
      line = answer.catch(() => undefined);
      return answer;
    },
  };
}
