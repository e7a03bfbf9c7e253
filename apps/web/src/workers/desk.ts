import { type Hired, hire } from "./hire.ts";
import type { StartDesk } from "./start.worker.ts";

const make = (): Worker => new Worker(new URL("./start.worker.ts", import.meta.url), { type: "module" });

let hired: { readonly front: Hired<StartDesk>; readonly back: Hired<StartDesk> } | undefined;

/** Two workers: one for what is looked at, one for everything around it. Hired at first use. */
export function desks(): { readonly front: Hired<StartDesk>; readonly back: Hired<StartDesk> } {
  hired ??= { front: hire(make), back: hire(make) };
  return hired;
}
