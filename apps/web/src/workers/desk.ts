import { type Remote, wrap } from "comlink";
import type { StartDesk } from "./start.worker.ts";

function hire(): Remote<StartDesk> {
  return wrap<StartDesk>(new Worker(new URL("./start.worker.ts", import.meta.url), { type: "module" }));
}

let hired: { readonly front: Remote<StartDesk>; readonly back: Remote<StartDesk> } | undefined;

/** Two workers: one for what is looked at, one for everything around it. Hired at first use. */
export function desks(): { readonly front: Remote<StartDesk>; readonly back: Remote<StartDesk> } {
  hired ??= { front: hire(), back: hire() };
  return hired;
}
