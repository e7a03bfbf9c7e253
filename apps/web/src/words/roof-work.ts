import { formatNumber } from "@amp-saver/core/quantity";
import type { RoofAct, TwoTask } from "@amp-saver/core/study/roof-order";
import type { Span } from "./answer.ts";

const minutes = (min: number): string => (min >= 90 ? `${formatNumber(min / 60, 1)} h` : `${formatNumber(min, 0)} min`);

/** The work over a whole roof: in which order, with which kit, for how much. */
export const ROOF_WORK = {
  title: "The work on all units",
  question: (rig: string, units: number): string => `In which order are the ${units === 1 ? "" : `${units} `}units of ${rig} fitted?`,
  answer: (all: number, saved: number): readonly Span[] => [
    { text: `${minutes(all)} for all of it` },
    { text: saved < 1 ? "." : `, ${minutes(saved)} less than one after another.`, decides: saved >= 1 },
  ],
  none: [{ text: "No unit has a plan yet. " }, { text: "Go to Prepare.", decides: true }] satisfies readonly Span[],
  allDone: [{ text: "Every unit is handed over. " }, { text: "No work is left.", decides: true }] satisfies readonly Span[],
  handedOver: (names: readonly string[]): string => `Handed over: ${names.join(", ")}.`,
  sure: "One unit rests while the other runs. Hands are in one unit at a time, and every one of them is dead meanwhile.",
  left: (names: readonly string[]): string => `Not in it, for want of a plan: ${names.join(", ")}.`,
  order: "Order",
  act: {
    before: "Read the starts as found, in turns",
    isolate: "Every source off and locked; prove dead once for all",
    fit: "Open, mount, wire and check",
    power: "Compare each, covers on, then power",
    learn: "Learning runs, in turns",
    after: "Read the starts again, in turns",
    "isolate-again": "Every source off and proven dead again",
    close: "Seal and close each, count the screws",
  } satisfies Readonly<Record<RoofAct["what"], string>>,
  forTwo: (minutesOfTwo: string): string => `With two people: ${minutesOfTwo}`,
  forTwoHelp: "While power is on, one of you is below. While it is off, each may have hands in one unit.",
  forTwoHeads: ["On the roof", "Below", "Time"],
  task: {
    read: "Read the clamp",
    call: "Call for cooling, switch off, time the rests",
    "prove-dead": "Prove every pair dead",
    "lock-out": "Switch off and lock out every source",
    fit: "Open, mount, wire and check",
    "mind-locks": "Mind the locks, hand tools up",
    watch: "Watch the lamp and the covers",
    "power-on": "Power on when the roof calls for it",
    close: "Seal and close each",
  } satisfies Readonly<Record<TwoTask, string>>,
  heads: ["What", "Unit", "Time"],
  all: "all",
  minutes,
  kit: "One kit for all",
  quote: "One quote for all",
  quoteHelp: "The way there counts once. Learning runs fill each other’s rests.",
  units: (count: number): string => (count === 1 ? "1 unit" : `${count} units`),
  source: "Minutes: common practice, no source. Wiring from your own log where it has enough.",
} as const;
