import { type Remote, wrap } from "comlink";
import type { TrialDesk } from "./trial.worker.ts";

const POOL = 2;
let hired: Remote<TrialDesk>[] | undefined;

/** The workers that try; hired at first use. */
export function pool(): Remote<TrialDesk>[] {
  hired ??= Array.from({ length: POOL }, () =>
    wrap<TrialDesk>(new Worker(new URL("./trial.worker.ts", import.meta.url), { type: "module" })),
  );
  return hired;
}
