import { formatAmps, formatNumber, formatWith } from "@amp-saver/core/quantity";
import type { FollowUp } from "@amp-saver/core/study/follow-up";
import type { Span } from "./answer.ts";
import { TOGETHER } from "./together.ts";

export const HAND_OVER = {
  question: "What does the next person need to know?",
  notReady: (missing: readonly ("source" | "starter")[]): readonly Span[] => [
    { text: "Not ready: " },
    { text: `add ${missing.map((m) => (m === "source" ? "a source" : "the starter you fitted")).join(" and ")}.`, decides: true },
  ],
  answer: (reduction: number | null, afterA: number | null, sources: number): readonly Span[] =>
    reduction === null || afterA === null
      ? [{ text: "The limits are ready. " }, { text: "No reduction is shown.", decides: true }]
      : [
          { text: "Starting amps are down " },
          { text: formatWith(reduction * 100, 0, "%"), decides: true },
          {
            text:
              sources === 0
                ? `, to ${formatAmps(afterA)}. No source was run long enough.`
                : `, to ${formatAmps(afterA)}. ${sources === 1 ? "It kept running on one source." : `It kept running on ${sources} sources.`}`,
          },
        ],
  sure: "Everything below goes on paper. Nothing leaves this device unless you send it.",
  pdf: "Hand-over sheet as PDF",
  label: "Label for the unit as PDF",
  calendar: "Reminders for the calendar",
  csv: "Readings as CSV",
  share: "Share the sheet",
  shareCannot: "This browser cannot pass files to other apps. Save the PDF and send it yourself.",
  working: "Making it.",
  coming: "Working it out.",
  failed: "It could not be made. Nothing is lost. Try again.",
  limits: "What it runs on",
  noSource: "No source is entered, so what it can run on is not known.",
  limitHeads: ["Source", "Expected", "Tested"],
  card: "Limits card: what can run together",
  cardHeads: ["Source", "When", TOGETHER.mayBeOn, TOGETHER.mustBeOff],
  cardFailed: "It could not be worked out on this device.",
  expectedComing: "working",
  expectedFailed: "could not be worked out",
  expected: (word: string, spareA: number | null, tried: string | null): string =>
    `${word}${spareA === null ? "" : spareA >= 0 ? `, ${formatAmps(spareA)} to spare` : `, ${formatAmps(-spareA)} short`}${tried === null ? "" : `; works in ${tried} of 100 tries`}`,
  smallest: "The smallest that works",
  smallestHeads: ["Limit", "As found", "With the soft starter"],
  tested: { "keeps-running": "kept running", "too-short": "ran, too short", stopped: "stopped by itself" },
  notTested: "not tested",
  minutes: (n: number): string => `${formatNumber(n, 0)} min`,
  removed: "Removed from the circuit",
  removedPlanned: "The plan removes from the circuit",
  removedNone: "Nothing was removed.",
  removedNonePlanned: "Nothing has to be removed.",
  removedUnknown: "Not known: there is no plan for this circuit.",
  removedLine: (part: string, out: boolean): string =>
    `${part}: ${out ? "taken out and kept to undo the install" : "out of the circuit, ends capped and labeled"}. Never with the starter.`,
  restore: "Undo the install",
  restoreHelp: "Prove it dead and bleed the capacitors first. In this order the unit ends up as it was found.",
  built: "Wiring as built",
  planned: "Wiring as planned",
  plannedOnly: "Its steps were not ticked off here. Compare it with the unit before you rely on it.",
  found: "Wiring as found",
  settings: "The starter",
  starter: (name: string): string => `Fitted: ${name}.`,
  noStarter: "The starter is not entered.",
  delay: (s: number): string =>
    `After you call for cooling it can stay quiet for up to ${formatNumber(s / 60, s % 60 === 0 ? 0 : 1)} min. That is normal.`,
  noDelay: "After you call for cooling it can stay quiet for up to 5 min. That is normal.",
  learning: (runs: number, settled: boolean | null): string =>
    `It learned from ${runs === 1 ? "1 run" : `${runs} runs`}${settled === true ? " and has settled" : settled === false ? " and had not settled yet" : ""}.`,
  lamps: "Lamp and codes",
  relearn: "Let it learn again when",
  relearnWhen: {
    moved: "it is moved to another unit",
    "new-compressor": "the compressor is changed",
    "new-capacitor": "the run capacitor is changed",
    "other-source": "it starts badly on a source that worked before",
  },
  looks: "Next checks",
  look: {
    "first-heat": "After the first hot days: check the tape.",
    tape: "Check tape and ties: roof heat ages them.",
    yearly: "Check tape, ties, terminals, putty and lid. Measure the run capacitor.",
  } satisfies Readonly<Record<FollowUp["what"], string>>,
  lookLine: (day: string, what: string, again: boolean, months: number): string =>
    `${day}: ${what}${again ? ` Then every ${months} months.` : ""}`,
  looksSource: "Follow the starter’s sheet.",
  summary: (unit: string, what: string): string => `${unit}: ${what}`,
  cautions: "Before anyone opens it",
  cautionList: [
    "Line voltage kills and capacitors stay charged. Every source off and locked, proven dead, every capacitor bled and read on DC.",
    "An inverter or a generator can feed the circuit again by itself.",
    "Never power it with the compressor’s terminal cover off.",
    "Never a start capacitor, PTC or hard start kit together with the starter.",
    "Breaker and wire stay as the plate says. Larger ones are never a fix.",
    "The makers’ sheets, the local code and licensed people come first.",
  ],
  leftOpen: "Left open",
  nothingOpen: "Nothing: every stage of the job is done or not needed.",
  openLine: (stage: string): string => `${stage}: not done.`,
  alone: "While it runs alone",
  aloneList: [
    "Power can fail, and then it does not cool. People and animals need an alarm that reaches you when it gets hot.",
    "It starts by itself when power is back and the thermostat calls. Nobody opens it without proving it dead.",
  ],
  photos: "Photos",
  readings: "Readings",
  readingHeads: ["Taken", "Side", "Amps", "Kind and wire", "Meter, source, rest, volts, air", "Counts"],
  counts: "yes",
  shown: "Shown",
  notShown: "Not shown",
  chart: "Before and after",
  runs: "Learning runs",
  title: (rig: string, unit: string): string => `${rig}, ${unit}: hand-over`,
  foot: (title: string): string => `${title}. Page {page} of {pages}. From figures as entered; expected is not proven.`,
  made: (day: string): string => `Made on ${day}.`,
  fitted: (day: string): string => `Fitted on ${day}.`,
  labelTitle: "Soft starter fitted",
  labelLines: "Dead, locked, bled before opening. Quiet after the call is normal. Never with a start capacitor.",
  done: "Hand over: the job is done",
  nextVisit: "Start the next visit",
  nextVisitHelp: "Later: do the checks above, read the starting amps again and compare. Undoing the install is on the sheet.",
  nextVisitTitle: "Next visit",
  isDone: "This job is handed over.",
  doneOn: (day: string): string => `This job is handed over: ${day}.`,
} as const;
