import { formatAmps, formatNumber, formatWith } from "@amp-saver/core/quantity";
import type { FollowUp } from "@amp-saver/core/study/follow-up";
import type { Span } from "./answer.ts";
import { TOGETHER } from "./together.ts";

export const HAND_OVER = {
  question: "What does the next person need to know?",
  notReady: (missing: readonly ("source" | "starter")[]): readonly Span[] => [
    { text: "Not ready yet: " },
    { text: `no ${missing.join(" and no ")} ${missing.length === 1 ? "is" : "are"} entered.`, decides: true },
  ],
  answer: (reduction: number | null, afterA: number | null, sources: number): readonly Span[] =>
    reduction === null || afterA === null
      ? [{ text: "Limits and looks are ready; " }, { text: "the reduction is not shown.", decides: true }]
      : [
          { text: `It starts at ${formatAmps(afterA)}, ` },
          { text: `${formatWith(reduction * 100, 0, "%")} under as found`, decides: true },
          {
            text:
              sources === 0
                ? "; no source was run long enough."
                : `; ${sources === 1 ? "one source is" : `${sources} sources are`} shown to keep running.`,
          },
        ],
  sure: "Everything below goes on paper as it stands; nothing leaves this device unless you send it.",
  pdf: "Hand-over sheet as PDF",
  label: "Label for the unit as PDF",
  calendar: "Reminders for the calendar",
  csv: "Readings as CSV",
  share: "Share the sheet",
  shareCannot: "This browser cannot hand files to other apps; keep the PDF and send it yourself.",
  working: "Making it.",
  coming: "Being worked out.",
  failed: "It could not be made. Nothing is lost; try it again.",
  limits: "What it runs on",
  noSource: "No source was entered: what it may run on is not known.",
  limitHeads: ["Source", "Expected", "Tested"],
  card: "Limits card: what may be on together",
  cardHeads: ["Source", "When", TOGETHER.mayBeOn, TOGETHER.mustBeOff],
  cardFailed: "It could not be worked out on this device: take nothing else as told.",
  expectedComing: "being worked out",
  expectedFailed: "could not be worked out",
  expected: (word: string, spareA: number | null, tried: string | null): string =>
    `${word}${spareA === null ? "" : spareA >= 0 ? `, ${formatAmps(spareA)} to spare` : `, ${formatAmps(-spareA)} short`}${tried === null ? "" : `; works in ${tried} of 100 tries`}`,
  smallest: "The smallest that works",
  smallestHeads: ["Limit", "As found", "With the soft starter"],
  tested: { "keeps-running": "kept running", "too-short": "ran, too short", stopped: "stopped by itself" },
  notTested: "not tested",
  minutes: (n: number): string => `${formatNumber(n, 0)} min`,
  removed: "Taken out of the circuit",
  removedPlanned: "To be taken out of the circuit by the plan",
  removedNone: "Nothing was taken out.",
  removedNonePlanned: "Nothing is to be taken out.",
  removedUnknown: "Not known: no plan could be worked out for this circuit.",
  removedLine: (part: string): string => `${part}: out of the circuit, its ends capped and labelled. Never beside the starter.`,
  restore: "The way back",
  restoreHelp: "Dead and proven dead first, capacitors bled. Done in this order the unit is as it was found.",
  built: "Wiring as built",
  planned: "Wiring as planned",
  plannedOnly: "Its steps were not ticked off here: hold it against the unit before relying on it.",
  found: "Wiring as found",
  settings: "The starter",
  starter: (name: string): string => `Fitted: ${name}.`,
  noStarter: "Which starter was fitted was not entered.",
  delay: (s: number): string =>
    `Silence for up to ${formatNumber(s / 60, s % 60 === 0 ? 0 : 1)} min after the call is its own delay, not a fault.`,
  noDelay: "Silence for up to 5 min after the call is usual for a starter, not a fault.",
  learning: (runs: number, settled: boolean | null): string =>
    `It learned from ${runs === 1 ? "1 run" : `${runs} runs`}${settled === true ? " and has settled" : settled === false ? " and had not settled yet" : ""}.`,
  lamps: "Lamp and codes",
  relearn: "Let it learn again when",
  relearnWhen: {
    moved: "it is moved to another unit",
    "new-compressor": "the compressor is changed",
    "new-capacitor": "the run capacitor is changed",
    "other-source": "it starts badly on a source on which it started before",
  },
  looks: "When to look again",
  look: {
    "first-heat": "After the first heat: does the tape hold?",
    tape: "Tape and ties: roof heat ages them.",
    yearly: "Tape, ties, terminals, putty and lid; run capacitor against its print.",
  } satisfies Readonly<Record<FollowUp["what"], string>>,
  lookLine: (day: string, what: string, again: boolean, months: number): string =>
    `${day}: ${what}${again ? ` Then every ${months} months.` : ""}`,
  looksSource: "Common practice, no source; the starter’s own sheet decides.",
  summary: (unit: string, what: string): string => `${unit}: ${what}`,
  cautions: "Before anyone opens it",
  cautionList: [
    "Mains kills and capacitors hold charge: every source off and locked, proven dead, every capacitor bled and read on DC.",
    "An inverter or a generator can feed the circuit again by itself.",
    "Never any power with the compressor’s terminal cover off.",
    "A start capacitor, PTC or hard start kit never together with the starter.",
    "Breaker and wire stay as the plate asks: larger ones are never a remedy.",
    "The makers’ sheets, the local code and licensed people come first.",
  ],
  photos: "Photos",
  readings: "Readings",
  readingHeads: ["Taken", "Side", "Amps", "Kind", "On", "Volts", "Counts"],
  counts: "yes",
  shown: "Shown",
  notShown: "Not shown",
  chart: "Before and after",
  runs: "Learning runs",
  title: (rig: string, unit: string): string => `${rig}, ${unit}: hand-over`,
  foot: (title: string): string => `${title}. Page {page} of {pages}. Made with figures as entered; expected is not shown.`,
  made: (day: string): string => `Made on ${day}.`,
  fitted: (day: string): string => `Fitted on ${day}.`,
  labelTitle: "Soft starter fitted",
  labelLines: "Dead, locked, bled before opening. Silence after the call is its own delay. Never with a start capacitor.",
  done: "Handed over: the job is done",
  nextVisit: "Begin a next visit",
  nextVisitHelp:
    "Years later: look at what is due above, read the start amps again and set them beside today’s. The way back is on the sheet.",
  nextVisitTitle: "Next visit",
  isDone: "This job is handed over.",
  doneOn: (day: string): string => `This job is handed over: ${day}.`,
} as const;
