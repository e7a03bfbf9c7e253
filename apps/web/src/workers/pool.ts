import { type Hired, hire } from "./hire.ts";
import type { TrialDesk } from "./trial.worker.ts";

const POOL = 2;
let hired: readonly Hired<TrialDesk>[] | undefined;

/** The workers that try; hired at first use. */
export function pool(): readonly Hired<TrialDesk>[] {
  hired ??= Array.from({ length: POOL }, () =>
    hire<TrialDesk>(() => new Worker(new URL("./trial.worker.ts", import.meta.url), { type: "module" })),
  );
  return hired;
}
