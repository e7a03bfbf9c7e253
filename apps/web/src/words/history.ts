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
      return what.counts ? told : `${told}, left out of the proof`;
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
      return what.reduction === null
        ? "Proof frozen; no reduction was shown"
        : `Proof frozen: ${formatPercent(what.reduction)} less at the start`;
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
      ? `${what} amps: none were read after fitting, so nothing can be compared.`
      : verdict === "no-now"
        ? `${what} amps: not read on this visit yet. Same clamp, same wire, rested as then.`
        : `${what} amps: read otherwise than then (kind, wire or source), so they are not compared.`;
  const shown = `${what} amps: ${formatAmps(thenA)} then, ${formatAmps(nowA)} now`;
  if (verdict === "alike") return `${shown}: the same within what the meter tells apart.`;
  if (verdict === "cannot-tell") return `${shown}: a change cannot be told apart from the weather.`;
  return `${shown}: ${formatPercent(Math.abs(change))} ${verdict === "higher" ? "more" : "less"}.`;
}

/** What to look at first where a figure has moved. */
const CHECKS = {
  start: "Look at: run capacitor against its print, terminals, volts under load; then let it learn again.",
  running: "Look at: outdoor heat then and now, coil and filter, fan, volts under load; charge is for licensed people.",
} as const;

export const HISTORY = {
  title: "What was done",
  open: "What was done",
  openOf: (rig: string): string => `What was done: ${rig}`,
  question: (rig: string): string => `What was done on ${rig}, and what is due?`,
  answer: (jobs: number, due: string | null, overdue: boolean): readonly Span[] =>
    due === null
      ? [{ text: `${times(jobs, "job", "jobs")}, ` }, { text: "none handed over yet.", decides: true }]
      : [
          { text: `${times(jobs, "job", "jobs")}; ${overdue ? "a" : "the next"} look ` },
          { text: overdue ? `was due on ${due}.` : `is due on ${due}.`, decides: true },
        ],
  sure: "Told from the records themselves; nothing here is typed in.",
  looks: "When to look again",
  look: (unit: string, day: string, what: string, overdue: boolean): string => `${unit}, ${day}${overdue ? " (past)" : ""}: ${what}`,
  lookWords: HAND_OVER.look,
  looksSource: HAND_OVER.looksSource,
  changed: "What changed since the visit before",
  changedOf: (unit: string, earlier: string, later: string): string => `${unit}: ${earlier}, then ${later}`,
  start: (since: Since): string => figure("Start", since),
  running: (since: Since): string => figure("Running", since),
  check: (which: "start" | "running", { verdict }: Since): string | null => (verdict === "higher" ? CHECKS[which] : null),
  entries: (changed: SinceLast["changed"]): string =>
    changed.length === 0 ? "No entry was changed since." : `Changed in the records since: ${changed.map((c) => CHANGED[c]).join(", ")}.`,
  oneVisit: "No unit had a second visit yet.",
  jobs: "Jobs",
  handedOver: "handed over",
  nextVisit: "Next visit",
  nextVisitOf: (title: string, unit: string): string => `Next visit after ${title}, ${unit}`,
  duplicate: "Same again",
  duplicateOf: (title: string, unit: string): string => `Same again: ${title}, ${unit}`,
  duplicateTitle: (title: string): string => `Same again: ${title}`,
  duplicateHelp:
    "A new job that asks the same: source, way of starting, starter and conditions. Readings, ticks and proof stay with the old one.",
  onUnit: "On which unit",
  begin: "Begin it",
  wayBack: "Way back before a sale",
  wayBackOf: (title: string, unit: string): string => `Way back before a sale: ${title}, ${unit}`,
  events: "Everything, latest first",
} as const;
