import { formatAmps, formatNumber, formatPercent } from "@amp-saver/core/quantity";
import type { Since } from "@amp-saver/core/study/since";
import type { HistoryEvent, SinceLast } from "../screens/history/history.view.ts";
import type { Span } from "./answer.ts";
import { HAND_OVER } from "./hand-over.ts";

const times = (n: number, one: string, many: string): string => (n === 1 ? `1 ${one}` : `${n} ${many}`);

/** One event in words. */
export function eventSentence({ what }: HistoryEvent): string {
  switch (what.code) {
    case "begun":
      return `Job begun: ${what.title}`;
    case "readings": {
      const told = `${times(what.count, "reading", "readings")} ${what.when === "before" ? "before" : "after"}, ${what.live ? "running" : "starting"}: ${formatAmps(what.middleA)}${what.count > 1 ? " in the middle" : ""}`;
      return what.counts ? told : `${told}, not counted`;
    }
    case "proved":
      return "Proven dead";
    case "powered":
      return "Power back on";
    case "hands":
      return "Other hands took over";
    case "handed-over":
      return "Handed over";
    case "steps":
      return `${times(what.count, "step", "steps")} of the plan done`;
    case "learned":
      return `Learned from ${times(what.runs, "run", "runs")}${what.lastA === null ? "" : `, the last at ${formatAmps(what.lastA)}`}`;
    case "test":
      return `${what.well ? "Kept running" : "Stopped by itself"} on ${what.source ?? "a source that is gone"}, ${formatNumber(what.minutes, 0)} min`;
    case "frozen":
      return what.reduction === null ? "Proof kept; no reduction shown" : `Proof kept: ${formatPercent(what.reduction)} less at the start`;
    case "photos":
      return times(what.count, "photo", "photos");
  }
}

const CHANGED = { unit: "plate and figures of the unit", wiring: "its wiring", source: "a source" } satisfies Readonly<
  Record<SinceLast["changed"][number], string>
>;

function figure(what: "Start" | "Running", { verdict, thenA, nowA, change }: Since): string {
  if (thenA === null || nowA === null || change === null)
    return verdict === "no-then"
      ? `${what} amps: none were read after fitting, so there is nothing to compare.`
      : verdict === "no-now"
        ? `${what} amps: not read on this visit yet. Same clamp, same wire, same rest.`
        : `${what} amps: not comparable: another kind, wire or source.`;
  const shown = `${what} amps: ${formatAmps(thenA)} then, ${formatAmps(nowA)} now`;
  if (verdict === "alike") return `${shown}: the same within the meter’s error.`;
  if (verdict === "cannot-tell") return `${shown}: the weather may explain it.`;
  return `${shown}: ${formatPercent(Math.abs(change))} ${verdict === "higher" ? "more" : "less"}.`;
}

/** What to look at first where a figure has moved. */
const CHECKS = {
  start: "Check the run capacitor, the terminals and the volts under load. Then let it learn again.",
  running: "Check the outdoor temp then and now, coil, filter, fan and volts under load. Charge is for licensed people.",
} as const;

export const HISTORY = {
  title: "History",
  open: "History",
  openOf: (rig: string): string => `History: ${rig}`,
  question: (rig: string): string => `What was done on ${rig}, and what is due?`,
  answer: (jobs: number, due: string | null, overdue: boolean): readonly Span[] =>
    due === null
      ? [{ text: `${times(jobs, "job", "jobs")}, ` }, { text: "none handed over yet.", decides: true }]
      : [
          { text: `${times(jobs, "job", "jobs")}; ${overdue ? "a check" : "the next check"} ` },
          { text: overdue ? `was due on ${due}.` : `is due on ${due}.`, decides: true },
        ],
  sure: "Everything here comes from the records.",
  looks: "Next checks",
  look: (unit: string, day: string, what: string, overdue: boolean): string => `${unit}, ${day}${overdue ? " (past)" : ""}: ${what}`,
  lookWords: HAND_OVER.look,
  looksSource: HAND_OVER.looksSource,
  changed: "Changes since the last visit",
  changedOf: (unit: string, earlier: string, later: string): string => `${unit}: ${earlier}, then ${later}`,
  start: (since: Since): string => figure("Start", since),
  running: (since: Since): string => figure("Running", since),
  check: (which: "start" | "running", { verdict }: Since): string | null => (verdict === "higher" ? CHECKS[which] : null),
  entries: (changed: SinceLast["changed"]): string =>
    changed.length === 0 ? "No entry has changed since." : `Changed in the records since: ${changed.map((c) => CHANGED[c]).join(", ")}.`,
  oneVisit: "No unit has had a second visit yet.",
  jobs: "Jobs",
  handedOver: "handed over",
  nextVisit: "Next visit",
  nextVisitOf: (title: string, unit: string): string => `Next visit after ${title}, ${unit}`,
  duplicate: "Duplicate",
  duplicateOf: (title: string, unit: string): string => `Duplicate: ${title}, ${unit}`,
  duplicateTitle: (title: string): string => `Duplicate: ${title}`,
  duplicateHelp: "A new job with the same source, start method, starter and conditions. Readings, ticks and proof stay with the old one.",
  onUnit: "On which unit",
  begin: "Create it",
  wayBack: "Undo the install before a sale",
  wayBackOf: (title: string, unit: string): string => `Undo the install before a sale: ${title}, ${unit}`,
  events: "Everything, latest first",
} as const;
