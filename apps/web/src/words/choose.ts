import { formatAmps, formatNumber, formatWith } from "@amp-saver/core/quantity";
import type { Assessment } from "@amp-saver/core/study/assess";
import type { MeasurableCode } from "@amp-saver/core/study/motor-start";
import type { RemedyCode } from "@amp-saver/core/study/remedy";
import { ofHundred, type Span } from "./answer.ts";

/** Every remedy, what it costs besides money, and what it does not do. */
export const REMEDY_WORDS: Readonly<Record<RemedyCode, { readonly name: string; readonly gives: string; readonly noise: string }>> = {
  "as-is": { name: "As it is", gives: "Nothing to do.", noise: "–" },
  service: {
    name: "Start parts serviced",
    gives: "Run capacitor and start aid tested and restored to what they should be; nothing more than it was made for.",
    noise: "–",
  },
  shed: { name: "Other loads off", gives: "What is switched off while it starts and runs.", noise: "–" },
  cord: { name: "A heavier cord", gives: "Weight to carry; it helps only where the cord costs volts.", noise: "–" },
  hard: { name: "Hard start kit", gives: "More torque and a shorter start; the peak stays. Never beside a soft starter.", noise: "–" },
  soft: { name: "Soft starter, learned", gives: "Fitting and learning; running amps and running cost stay as they are.", noise: "–" },
  "soft-shed": { name: "Soft starter, other loads off", gives: "The same, and what is switched off.", noise: "–" },
  "other-source": { name: "Another source", gives: "You have to be where it is.", noise: "–" },
  parallel: { name: "A second set in parallel", gives: "Weight and fuel twice; only sets made for it.", noise: "two sets" },
  bigger: { name: "A bigger generator", gives: "Weight and fuel.", noise: "louder" },
  "bigger-soft": { name: "Bigger generator and soft starter", gives: "What both of them cost.", noise: "louder" },
};

/** Why a starter of the catalogue does not match a unit. */
export const SIZE_WORDS = {
  volts: "Not made for the plate’s volts.",
  "tons-under": "Made for larger units.",
  "tons-over": "Made for smaller units.",
  "locked-over": "The plate’s locked rotor amps are more than it may start.",
  "tons-not-known": "The unit’s cooling is not known: enter it in Survey.",
  "locked-not-known": "The unit’s locked rotor amps are not known.",
} as const;

/** What each price is for. */
export const PRICE_WORDS = {
  starterUsd: "Soft starter",
  kitUsd: "Hard start kit",
  visitUsd: "A technician’s visit",
  cordUsd: "A heavier cord",
  secondUsd: "A second generator",
  generatorUsd: "A bigger generator, more than this one",
} as const;

interface Taken {
  readonly code: RemedyCode;
  readonly name: string;
  readonly usd: number;
  readonly tries: Assessment["tries"];
}

const price = (usd: number): string => (usd === 0 ? "no cost" : `about $${formatNumber(usd, 0)}`);

/** What to do, in a sentence; with the sure one beside a much cheaper one, and what to measure to be sure of that. */
export function chooseSentence(
  taken: Taken | null,
  sure: { readonly name: string; readonly usd: number } | null,
  measure: MeasurableCode | null,
): readonly Span[] {
  if (taken === null) return [{ text: "Nothing here works on this source. " }, { text: "Use another source.", decides: true }];
  const works = taken.tries === null ? "" : `${ofHundred(taken.tries)} of 100 tries`;
  if (taken.code === "as-is") return [{ text: "Nothing is needed. As it is it works in " }, { text: works, decides: true }, { text: "." }];
  const says = [{ text: `${taken.name}, ${price(taken.usd)}: works in ` }, { text: works, decides: true }];
  if (sure === null) return [...says, { text: "." }];
  const first = measure === null ? "" : ` Measure ${MEASURE_FIRST[measure]} first.`;
  return [...says, { text: `.${first} To be sure without measuring: ${sure.name}, ${price(sure.usd)}.` }];
}

/** What to measure before a cheaper remedy is bought. */
const MEASURE_FIRST: Readonly<Record<MeasurableCode, string>> = {
  "running-amps": "the running amps",
  "locked-amps": "a start as found",
  "run-capacitor": "the run capacitor",
  "fan-amps": "the fan amps",
  "source-ohm": "the volts under load",
  "shore-volts": "the volts at the outlet",
  "other-loads": "what else is on",
  "starter-limit": "the starter’s own last peak",
};

export const CHOOSE = {
  question: (source: string | null): string =>
    source === null ? "What is the cheapest fix that works?" : `What is the cheapest fix that works on ${source}?`,
  sure: "Each one simulated on this source, at this heat and altitude, with these loads. Prices in US dollars, yours to change; a technician’s visit comes on top where you do not fit it yourself.",
  never:
    "A larger breaker or a thicker wire is never a remedy: the breaker protects the wire. A soft starter does not lower the cost of running.",
  heads: {
    remedy: "Remedy",
    fit: "Fit",
    start: "Start",
    run: "Run",
    held: "Tries",
    usd: "Dollars",
    kg: "Weight",
    work: "Work",
    noise: "Noise",
  },
  askWeakest: (name: string): string => `Ask on the weakest: ${name}`,
  askWorstDay: "Ask for the rig’s own hottest day and highest stop",
  best: "take this",
  sureMark: "to be sure",
  spare: (a: number | null): string => (a === null ? "no limit" : a > 0 ? formatAmps(a) : `${formatAmps(-a)} short`),
  starter: (name: string): string => `Soft starter, ${name}`,
  open: "Open in Check",
  openOf: (name: string): string => `Open in Check: ${name}`,
  trying: "trying",
  held: (holds: number, trials: number): string => `${ofHundred({ holds, trials })} of 100`,
  kg: (kg: number): string => formatWith(kg, kg < 10 ? 1 : 0, "kg"),
  work: (minutes: number): string => formatWith(minutes, 0, "min"),
  catalogue: "Starters you could fit",
  catalogueHelp: "Your own entries, from each maker’s sheet. One starter for each air conditioner.",
  addStarter: "Add a starter",
  newStarter: "New starter",
  starterName: "What you call it",
  matches: "matches",
  noMatch: "does not match",
  asked: "asked about",
  askThis: "Ask about this one",
  askNone: "Ask about none",
  leastV: "Plate volts, from",
  mostV: "Plate volts, to",
  leastTons: "Cooling, from",
  mostTons: "Cooling, to",
  mostLocked: "Largest locked rotor amps",
  ownCapacitor: "Its own start capacitor",
  prices: "What things cost here",
} as const;
