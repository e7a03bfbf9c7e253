import { type Remote, wrap } from "comlink";

/** What a worker could not do, in words that can be copied. */
class WorkerFailure extends Error {}

/** Longest a worker may take over one question, ms: what is longer is ended, so that nothing waits for ever. */
const LIMIT_MS = 30_000;

/** A worker that is made when first asked, and anew after it broke or took too long. */
export interface Hired<T> {
  /** Asks it; rejects with a `WorkerFailure` when it throws, dies or does not answer in time. */
  readonly call: <R>(ask: (remote: Remote<T>) => Promise<R>) => Promise<R>;
}

/** Hires a worker of a kind. */
export function hire<T>(make: () => Worker, limitMs = LIMIT_MS): Hired<T> {
  let running: { readonly worker: Worker; readonly remote: Remote<T>; readonly dies: Promise<never> } | null = null;
  const start = () => {
    const worker = make();
    const dies = new Promise<never>((_, reject) => {
      worker.addEventListener("error", (event) => reject(new WorkerFailure(event.message || "the worker could not be loaded")));
      worker.addEventListener("messageerror", () => reject(new WorkerFailure("the worker's answer could not be read")));
    });
    dies.catch(() => end(worker));
    return { worker, remote: wrap<T>(worker), dies };
  };
  const end = (worker: Worker): void => {
    worker.terminate();
    if (running?.worker === worker) running = null;
  };
  return {
    async call(ask) {
      running ??= start();
      const { worker, remote, dies } = running;
      let timer: ReturnType<typeof setTimeout> | undefined;
      const late = new Promise<never>((_, reject) => {
        timer = setTimeout(() => {
          end(worker);
          reject(new WorkerFailure(`no answer within ${limitMs / 1000} s`));
        }, limitMs);
      });
      try {
        return await Promise.race([ask(remote), dies, late]);
      } catch (error) {
        throw error instanceof WorkerFailure ? error : new WorkerFailure(String(error));
      } finally {
        clearTimeout(timer);
      }
    },
  };
}
