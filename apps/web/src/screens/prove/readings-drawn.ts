import { format, parseISO } from "date-fns";
import type { ReadingsPictureProps, SideBar } from "../../chart/readings-picture.tsx";
import { LEFT_OUT_WORDS } from "../../words/prove.ts";
import type { ProveView } from "./prove.view.ts";

/** What the readings picture draws, on the page and on paper. */
export function readingsDrawn(view: ProveView): Omit<ReadingsPictureProps, "width"> {
  const { running } = view.study;
  return {
    mostA: view.mostA,
    before: sideBar(view, "before"),
    after: sideBar(view, "after"),
    left: view.leftOut
      .filter(({ reading }) => reading.mode !== "live")
      .map(({ reading, reason }) => ({ amps: reading.amps, why: LEFT_OUT_WORDS[reason] })),
    running: running && { beforeA: running.before.medianA, afterA: running.after.medianA, verdict: running.verdict },
  };
}

function sideBar(view: ProveView, when: "before" | "after"): SideBar | null {
  const side = view[when];
  const years = new Set([...view.before, ...view.after].map((r) => format(parseISO(r.takenAt), "yyyy")));
  const middle = view.study.start?.[when].medianA;
  const first = side[0];
  if (first === undefined) return null;
  return {
    middleA: middle ?? first.amps,
    each: side.map(({ id, amps }) => ({ id, amps })),
    under: format(parseISO(first.takenAt), years.size > 1 ? "MMM yyyy" : "d MMM"),
  };
}
