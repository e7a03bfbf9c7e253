import { formatNumber, formatVolts, rowOf } from "@amp-saver/core/quantity";
import type { DeadPair, DeadTask, LockReason, PairVerdict } from "@amp-saver/core/study/isolation";
import type { OwnMinutes, SitePlace, SiteQuestion } from "@amp-saver/core/study/site";
import type { Feed } from "@amp-saver/records";
import type { Span } from "./answer.ts";
import { all } from "./asked.ts";

const RELOCK: Readonly<Partial<Record<LockReason, readonly Span[]>>> = {
  "long-break": [{ text: "More than an hour has passed. " }, { text: "Prove it again.", decides: true }],
  "evidence-changed": [{ text: "A figure was changed since. " }, { text: "Prove it again.", decides: true }],
};

/** What is asked before anyone climbs; on the ground, what differs. */
const ROOF_ASK: Readonly<Record<SiteQuestion, string>> = {
  dry: "The roof is dry",
  calm: "There is hardly any wind",
  ladder: "The ladder is one piece, tied, three points of contact",
  helper: "Somebody can hear me",
  daylight: "There is daylight for the whole job",
  haul: "Tools go up in a bucket, hands on the ladder",
  skilled: "I have worked on line voltage before",
  allowed: "I am allowed to do this work here",
  flammable: "The plate names a flammable refrigerant (A2L)",
};
const GROUND_ASK: Readonly<Partial<Record<SiteQuestion, string>>> = {
  dry: "The ground is dry, with no standing water",
  daylight: "There is light for the whole job",
};
const ROOF_AGAINST = {
  dry: "the roof is wet",
  calm: "there is wind",
  ladder: "the ladder is not good",
  helper: "nobody can hear you",
  daylight: "it gets dark",
  haul: "hands are full on the ladder",
} as const;
const GROUND_AGAINST = { dry: "it is wet", daylight: "there is no light" } as const;

/** How each thing that feeds is switched off. */
const ROOF_HELP: Readonly<Record<Feed["kind"], string>> = {
  shore: "Cord out at both ends.",
  inverter: "It can feed the circuit again by itself. Switch it off at its own switch.",
  "inverter-generator": "Stopped, cord out.",
  generator: "Stopped, cord out.",
  "auto-start": "Disabled at its own control.",
  breaker: "At the panel of the rig.",
  fuse: "Pull it, so that no call comes.",
  disconnect: "Pull it. Later push it in once, with one hand.",
};
const GROUND_HELP: Readonly<Partial<Record<Feed["kind"], string>>> = {
  shore: "At the panel: its breaker off.",
  "inverter-generator": "Stopped, transfer switch locked.",
  generator: "Stopped, transfer switch locked.",
};

/** Words for isolating and proving dead. */
export const ISOLATE = {
  question: "Is it proven dead?",
  open: (clock: string): readonly Span[] => [{ text: `Proven dead at ${clock}. ` }, { text: "Work is open.", decides: true }],
  notYet: (left: number, next: string): readonly Span[] => [
    { text: `${left === 1 ? "1 check" : `${left} checks`} left. Next: ` },
    { text: next, decides: true },
  ],
  ready: [{ text: "All checks done. " }, { text: "Confirm below to start work.", decides: true }] satisfies readonly Span[],
  relock: RELOCK,
  sure: "Waiting is no proof. A meter on AC volts does not show a charged capacitor. Never short a capacitor with a tool.",
  caution: "Line voltage kills, capacitors stay charged",
  cautionText:
    "One hand, dry, nothing on the wrist. Terminal cover on while there is power: a terminal can blow out with burning oil. Local code and licensed people come first.",
  liveLeg: {
    common: "This contactor leaves common live without a call. Only the source switches it off.",
    run: "This contactor leaves the run side live without a call. Only the source switches it off.",
  },
  site: "Go or no-go",
  siteAsk: (place: SitePlace, question: SiteQuestion): string =>
    (place === "ground" ? GROUND_ASK[question] : undefined) ?? ROOF_ASK[question],
  yes: "Yes",
  no: "No",
  goes: (minutes: number): string => `Go. About ${formatNumber(minutes, 0)} min with tug tests, without learning runs.`,
  ownTime: ({ minutes, quickMin, slowMin, timed, visits }: OwnMinutes): string =>
    `By your own log the steps take ${formatNumber(minutes, 0)} min, ${formatNumber(quickMin, 0)} to ${formatNumber(slowMin, 0)}: ${timed} steps timed in ${visits === 1 ? "one visit" : `${visits} visits`}.`,
  noGo: (what: readonly string[]): string => `No-go while: ${what.join(", ")}.`,
  siteOpen: (n: number): string => `${n === 1 ? "One answer" : `${n} answers`} missing.`,
  against: (place: SitePlace, question: SiteQuestion): string | undefined =>
    (place === "ground" ? rowOf(GROUND_AGAINST, question) : undefined) ?? rowOf(ROOF_AGAINST, question),
  who: {
    owner: "You can do it yourself.",
    professional: "Leave it to someone licensed.",
    "not-known": "Who does it: answer the last two.",
  },
  noSparks: "Flammable refrigerant: ventilate, no sparks, no soldering.",
  feeds: "Every source off",
  feed: (kind: Feed["kind"], of: string | null): string => {
    switch (kind) {
      case "auto-start":
        return `${of ?? ""}: auto-start`;
      case "breaker":
        return `Breaker of ${of ?? ""}`;
      case "fuse":
        return "12 V control fuse";
      case "disconnect":
        return "Disconnect at the unit";
      default:
        return of ?? "";
    }
  },
  feedStates: (kind: Feed["kind"]) => ({
    locked: "Off, locked or tagged",
    off: "Off only",
    away: kind === "auto-start" || kind === "breaker" || kind === "fuse" || kind === "disconnect" ? "There is none" : "Not here today",
    on: "Still on",
  }),
  feedsBefore: (clock: string, names: readonly string[]): string =>
    `At ${clock} each of these was off and locked, or not here: ${names.join(", ")}. Go and look at every one.`,
  allOff: (count: number): string => `${all(count)} are off, locked or tagged`,
  offAgain: "All off and locked again",
  roof: (unit: string, clock: string): string =>
    `${unit} on this rig was proven dead at ${clock}, and its sources are off. They feed this unit too. Pairs and capacitors here are still to be read.`,
  shareRoof: "Use that proof of the sources",
  sameSite: (unit: string): string => `Same answers as for ${unit} today`,
  feedHelp: (place: SitePlace, kind: Feed["kind"]): string => (place === "ground" ? GROUND_HELP[kind] : undefined) ?? ROOF_HELP[kind],
  meter: "Live, dead, live",
  meterHelp: "Prove the meter on a proving unit or a supply outside the rig, measure, and prove it again. 50 V at least.",
  before: "Meter proved before",
  after: "Meter proved after",
  showsNone: "It shows 0 V on low impedance",
  allShowNone: (count: number): string => `${all(count)} measured: 0 V on low impedance`,
  allBled: (count: number): string => `${all(count)} bled: each shows 0 V`,
  allZero: (count: number): string => `${all(count)} show 0 V`,
  showsZero: "It shows 0 V",
  sameAgain: (volts: number): string => `It shows ${formatVolts(volts)} again`,
  pairs: "Measured dead",
  pairsHelp:
    "On the low-impedance range: below 3 V is dead, nothing else is. Measure all three pairs: with reversed polarity, neutral stays hot behind an open breaker.",
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
    stray: "May be stray voltage. Measure on low impedance.",
    floating: "Half the volts to ground: a floating neutral. Something is live.",
    reversed: "Neutral is hot: reversed polarity. Find the source that still feeds it.",
  } satisfies Readonly<Record<PairVerdict, string>>,
  capacitors: "Every capacitor bled",
  capacitorsAgain: "Every capacitor read again",
  capacitorsHelp:
    "Two 10,000 ohm 5 W resistors in series on insulated leads, across the terminals. Read DC below 10 V, wait 30 s, read again: it can rebound.",
  capacitor: (name: string): string => name,
  bleedFor: (fromV: number, seconds: number, overS: number): string =>
    `From up to ${formatNumber(fromV, 0)} V: ${formatNumber(seconds, 1)} s to below 10 V${overS >= 0.05 ? `; the resistors take more than their rating for ${formatNumber(overS, 1)} s` : ""}.`,
  voltsAssumed: (volts: number): string => `${formatNumber(volts, 0)} V is assumed: its print was not read.`,
  bleedSealed: (a: string, b: string): string =>
    `Its tabs are out of reach: bleed and read it at ${a} and ${b}, the far ends of its wires.`,
  bleedFarEnds: "Its tabs are out of reach: bleed and read it at the far ends of its wires.",
  printedVolts: (name: string): string => `${name}: printed volts`,
  smallerFarad: "the smaller figure on a dual one",
  ownFarad: "as it stands on its side",
  printedFarad: (name: string): string => `${name}: printed`,
  notRead: "not read",
  first: (name: string): string => `${name}: DC volts`,
  second: (name: string): string => `${name}: DC volts again`,
  bleedFirst: (name: string): string => `${name}: bleed and read it first.`,
  again: (seconds: number): string => `Read again in ${seconds} s.`,
  badVolts: (label: string): string => `${label} must be a number from −1,000 to 1,000 V.`,
  overrides: "Skip a check",
  overridesHelp: "A reason of twelve letters or more, kept in the record.",
  reason: (task: string): string => `Reason: ${task}`,
  declare: "It is proven dead: start work",
  powered: "Power is back: lock again",
  hands: "Someone else takes over: lock again",
  toFit: "Go on to Fit",
} as const;

/** An open task in words. */
export function taskWords(task: DeadTask, nameOf: (id: string) => string, capacitorName: (id: string) => string): string {
  switch (task.task) {
    case "source-off":
      return `switch off ${nameOf(task.id)}`;
    case "source-locked":
      return `lock or tag ${nameOf(task.id)}`;
    case "meter-before":
      return "prove the meter";
    case "meter-after":
      return "prove the meter again";
    case "pair":
      return `measure ${ISOLATE.pairName(task.id)}`;
    case "first-discharge":
      return `bleed ${capacitorName(task.id)}`;
    case "second-discharge":
      return `read ${capacitorName(task.id)} again`;
  }
}

/** Why work is locked, where it is shown in place of the work. */
export const LOCKED: Readonly<Record<LockReason, string>> = {
  "tasks-open": "Locked: it is not proven dead.",
  "not-proved-here": "Locked: nobody proved it dead on this device since power was last on.",
  "evidence-changed": "Locked: a figure of the proof was changed.",
  "long-break": "Locked: more than an hour has passed since anything was done.",
};
