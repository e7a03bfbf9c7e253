import { formatNumber } from "@amp-saver/core/quantity";
import type { DeadPair, DeadTask, LockReason, PairVerdict } from "@amp-saver/core/study/isolation";
import type { OwnMinutes, SiteQuestion } from "@amp-saver/core/study/site";
import type { Span } from "./answer.ts";

const RELOCK: Readonly<Partial<Record<LockReason, readonly Span[]>>> = {
  "long-break": [{ text: "More than an hour has passed: " }, { text: "prove it again.", decides: true }],
  "evidence-changed": [{ text: "A figure was changed since: " }, { text: "prove it again.", decides: true }],
};

/** Words for isolating and proving dead. */
export const ISOLATE = {
  question: "Is it dead, and proven so?",
  open: (clock: string): readonly Span[] => [{ text: `Dead since ${clock}: ` }, { text: "work is open.", decides: true }],
  notYet: (left: number, next: string): readonly Span[] => [
    { text: `Not dead yet, ${left === 1 ? "one thing" : `${left} things`} left: ` },
    { text: next, decides: true },
  ],
  ready: [{ text: "Everything is done: " }, { text: "say so below, and work opens.", decides: true }] satisfies readonly Span[],
  relock: RELOCK,
  sure: "Waiting is no proof, a meter on AC volts shows nothing of a charged capacitor, and shorting with a tool is never a step here.",
  caution: "Mains kills, and capacitors hold charge",
  cautionText:
    "One hand, dry, nothing on the wrist. The compressor’s terminal cover stays on while there is power: a pin can blow out with burning oil. Local code and licensed people come first.",
  liveLeg: {
    common: "This contactor leaves common’s leg live with no call: only the source itself switches it off.",
    run: "This contactor leaves the run side live with no call: only the source itself switches it off.",
  },
  site: "Go or no-go",
  siteAsk: {
    dry: "The roof is dry",
    calm: "There is no wind to speak of",
    ladder: "The ladder is one piece, tied, three points of contact",
    helper: "Somebody is within call",
    daylight: "There is daylight for the whole job",
    haul: "Tools go up in a bucket, both hands on the ladder",
    skilled: "I have worked on mains before",
    allowed: "The law here lets me do this work",
    flammable: "The plate names a flammable refrigerant (A2L)",
  } satisfies Readonly<Record<SiteQuestion, string>>,
  yes: "Yes",
  no: "No",
  goes: (minutes: number): string =>
    `Go. About ${formatNumber(minutes, 0)} min with tug tests, without learning runs; common practice, no source.`,
  ownTime: ({ minutes, quickMin, slowMin, timed, visits }: OwnMinutes): string =>
    `By your own log the steps take ${formatNumber(minutes, 0)} min, ${formatNumber(quickMin, 0)} to ${formatNumber(slowMin, 0)}: ${timed} steps timed in ${visits === 1 ? "one visit" : `${visits} visits`}.`,
  noGo: (what: readonly string[]): string => `No-go while: ${what.join(", ")}.`,
  siteOpen: (n: number): string => `${n === 1 ? "One answer" : `${n} answers`} missing.`,
  against: {
    dry: "the roof is wet",
    calm: "there is wind",
    ladder: "the ladder is not good",
    helper: "nobody is within call",
    daylight: "it gets dark",
    haul: "hands are full on the ladder",
  },
  who: {
    owner: "Owner or professional: you may do it yourself.",
    professional: "Owner or professional: leave it to someone licensed.",
    "not-known": "Owner or professional: answer skill and law.",
  },
  noSparks: "Flammable refrigerant: ventilate, no sparks, no soldering.",
  feeds: "Every source off",
  feedName: { breakers: "Every breaker that feeds the roof", fuse: "12 V control fuse", disconnect: "Disconnect and its breaker" },
  feedHelp: {
    shore: "Cord out at both ends.",
    inverter: "It will feed the circuit again by itself. Off at its own switch.",
    "inverter-generator": "Stopped, cord out, auto-start disabled.",
    generator: "Stopped, cord out, auto-start disabled.",
    breakers: "There may be three.",
    fuse: "Out, so that no call comes.",
    disconnect: "Pulled; pushed home once, with one hand, when power is back.",
  },
  off: (name: string): string => `${name}: off`,
  locked: (name: string): string => `${name}: locked or tagged`,
  meter: "Live, dead, live",
  meterHelp: "Prove the meter on a proving unit or a supply outside the rig, measure, and prove it again. 50 V at least.",
  before: "Meter proved before",
  after: "Meter proved after",
  pairs: "Measured dead",
  pairsHelp:
    "On the low-impedance range: below 3 V is dead, nothing else is. All three pairs: with reversed polarity, neutral stays hot behind an open breaker.",
  pairName: (pair: DeadPair): string =>
    pair
      .replace("L1", "line 1")
      .replace("L2", "line 2")
      .replace(/\bL\b/, "line")
      .replace(/\bN\b/, "neutral")
      .replace(/\bG\b/, "ground")
      .replace("-", " to "),
  lowImpedance: (pair: string): string => `${pair}: on low impedance`,
  verdict: {
    dead: "dead",
    "not-dead": "Not dead. Is the inverter off?",
    stray: "May be stray: a high-impedance meter shows a volt or two of nothing. Measure on low impedance.",
    floating: "About half the volts to ground: a floating neutral, and something is live.",
    reversed: "Neutral is hot: reversed polarity. Find the source that still feeds it.",
  } satisfies Readonly<Record<PairVerdict, string>>,
  capacitors: "Every capacitor bled",
  capacitorsHelp:
    "Two 10,000 ohm 5 W resistors in series on insulated leads, across the tags; then read DC, below 10 V, wait 30 s, read again: it can rebound.",
  capacitor: (name: string): string => name,
  bleedFor: (fromV: number, seconds: number, overS: number): string =>
    `From up to ${formatNumber(fromV, 0)} V: ${formatNumber(seconds, 1)} s to below 10 V${overS >= 0.05 ? `; the resistors take more than their rating for ${formatNumber(overS, 1)} s` : ""}.`,
  first: (name: string): string => `${name}: DC volts`,
  second: (name: string): string => `${name}: DC volts again`,
  again: (seconds: number): string => `Read again in ${seconds} s.`,
  badVolts: (label: string): string => `${label} must be a number from −1,000 to 1,000 V.`,
  overrides: "Going on without",
  overridesHelp: "A reason of twelve letters or more, kept in the record.",
  reason: (task: string): string => `Reason: ${task}`,
  reasonLong: "The reason is too long: at most 500 letters.",
  declare: "Dead and proven: open the work",
  powered: "Power is back: lock again",
  hands: "Other hands take over: lock again",
  toFit: "Go on to Fit",
} as const;

/** An open task in words. */
export function taskWords(task: DeadTask, nameOf: (id: string) => string, capacitorName: (id: string) => string): string {
  switch (task.task) {
    case "source-off":
      return `${nameOf(task.id)} off`;
    case "source-locked":
      return `${nameOf(task.id)} locked or tagged`;
    case "meter-before":
      return "meter proved before";
    case "meter-after":
      return "meter proved after";
    case "pair":
      return `${ISOLATE.pairName(task.id)} measured dead`;
    case "first-discharge":
      return `${capacitorName(task.id)} below 10 V`;
    case "second-discharge":
      return `${capacitorName(task.id)} below 10 V again`;
  }
}

/** Why work is locked, where it is shown in place of the work. */
export const LOCKED: Readonly<Record<LockReason, string>> = {
  "tasks-open": "Locked: it is not proven dead.",
  "not-proved-here": "Locked: nobody proved it dead on this device since power was last on.",
  "evidence-changed": "Locked: a figure of the proof was changed.",
  "long-break": "Locked: more than an hour has passed since anything was done.",
};
