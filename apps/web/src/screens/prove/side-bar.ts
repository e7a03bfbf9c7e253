import { format, parseISO } from "date-fns";
import type { SideBar } from "../../chart/readings-picture.tsx";
import type { ProveView } from "../../workbench/prove-view.ts";

/** One side of the readings picture; null without readings. */
export function sideBar(view: ProveView, when: "before" | "after"): SideBar | null {
  const side = view[when];
  const middle = view.study.start?.[when].medianA;
  const first = side[0];
  if (first === undefined) return null;
  return {
    middleA: middle ?? first.amps,
    each: side.map(({ id, amps }) => ({ id, amps })),
    under: format(parseISO(first.takenAt), "d MMMM"),
  };
}
