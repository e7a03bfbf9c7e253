import { LIMIT_MS } from "../ui/too-long.ts";
import type { Studies } from "./study.worker.ts";
import { WorkerQueue } from "./worker-queue.ts";

/** Who goes first: what is looked at, then its tries, then what stands beside it, and last what takes longest. */
export const RANK = { lookedAt: 0, tried: 1, turn: 2, compared: 3, around: 4, smallest: 5 } as const;

/** Workers that study: no more than leave a core to the page, and never only one, so that one long question does not keep the rest waiting. */
const LEAST = 2;
const MOST = 4;

let queue: WorkerQueue<Studies> | undefined;

/** The one line before the workers that study; they are made at first use. What goes on by itself leaves a core to the page, on two cores too. */
export function studyQueue(): WorkerQueue<Studies> {
  queue ??= makeQueue((navigator.hardwareConcurrency || LEAST) - 1);
  return queue;
}

function makeQueue(spareCores: number): WorkerQueue<Studies> {
  const make = (): Worker => new Worker(new URL("./study.worker.ts", import.meta.url), { type: "module" });
  const size = Math.min(MOST, Math.max(LEAST, spareCores));
  return new WorkerQueue<Studies>(make, size, LIMIT_MS, { rank: RANK.tried, atOnce: Math.min(size, Math.max(1, spareCores)) });
}
