import { formatAmps, formatNumber, formatWith } from "@amp-saver/core/quantity";
import type { Assessment } from "@amp-saver/core/study/assess";
import type { MeasurableCode } from "@amp-saver/core/study/motor-start";
import type { RemedyCode } from "@amp-saver/core/study/remedy";
import { ofHundred, type Span } from "./answer.ts";

/** Every remedy, what it costs besides dollars, and what it does not do. */
export const REMEDY_WORDS: Readonly<Record<RemedyCode, { readonly name: string; readonly gives: string; readonly noise: string }>> = {
  "as-is": { name: "As it is", gives: "Nothing to do.", noise: "–" },
  service: {
    name: "Start parts serviced",
    gives: "Test the run capacitor and the start aid, and replace what is out of tolerance.",
    noise: "–",
  },
  shed: { name: "Other loads off", gives: "Whatever you turn off while it starts and runs.", noise: "–" },
  cord: { name: "A heavier cord", gives: "Weight to carry. It helps only if the cord loses volts.", noise: "–" },
  hard: { name: "Hard start kit", gives: "More torque and a shorter start. The peak stays. Never with a soft starter.", noise: "–" },
  soft: { name: "Soft starter, learned", gives: "Fitting and learning runs. Running amps and running cost stay the same.", noise: "–" },
  "soft-shed": { name: "Soft starter, other loads off", gives: "The same, plus what you turn off.", noise: "–" },
  "other-source": { name: "Another source", gives: "You need that source nearby.", noise: "–" },
  parallel: { name: "Second generator in parallel", gives: "Twice the weight and fuel. Only models made for it.", noise: "two engines" },
  bigger: { name: "A bigger generator", gives: "Weight and fuel.", noise: "louder" },
  "bigger-soft": { name: "Bigger generator and soft starter", gives: "The cost of both.", noise: "louder" },
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
  generatorUsd: "Bigger generator, extra cost",
} as const;

interface Taken {
  readonly code: RemedyCode;
  readonly name: string;
  readonly usd: number;
  readonly tries: Assessment["tries"];
}

/** Whole US dollars. */
export const dollars = (usd: number): string => `$${formatNumber(usd, 0)}`;
const price = (usd: number): string => (usd === 0 ? "no cost" : `about ${dollars(usd)}`);

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
  sure: "Each fix is simulated on this source, in this weather, with these loads. Prices are in US dollars; change them below. Add a technician’s visit if you do not fit it yourself.",
  never:
    "A larger breaker or a thicker wire is never a fix: the breaker protects the wire. A soft starter does not lower the cost of running.",
  heads: {
    remedy: "Fix",
    fit: "Fit",
    start: "Start",
    run: "Run",
    held: "Tries",
    usd: "Dollars",
    kg: "Weight",
    work: "Work",
    noise: "Noise",
  },
  askWeakest: (name: string): string => `Check on the weakest source: ${name}`,
  askWorstDay: "Check for the hottest day and highest campsite",
  best: "take this",
  sureMark: "to be sure",
  spare: (a: number | null): string => (a === null ? "no limit" : a > 0 ? formatAmps(a) : `${formatAmps(-a)} short`),
  starter: (name: string): string => `Soft starter, ${name}`,
  open: "Open in Check",
  openOf: (name: string): string => `Open in Check: ${name}`,
  trying: "trying",
  held: (holds: number, trials: number): string => `${ofHundred({ holds, trials })} of 100`,
  work: (minutes: number): string => formatWith(minutes, 0, "min"),
  catalogue: "Starters you could fit",
  catalogueHelp: "Your own entries, from each maker’s sheet. One starter for each air conditioner.",
  addStarter: "Add a starter",
  newStarter: "New starter",
  starterName: "Name",
  matches: "matches",
  noMatch: "does not match",
  asked: "in use",
  askThis: "Use this one",
  askNone: "Use none",
  leastV: "Plate volts, from",
  mostV: "Plate volts, to",
  leastTons: "Cooling, from",
  mostTons: "Cooling, to",
  mostLocked: "Largest locked rotor amps",
  ownCapacitor: "Its own start capacitor",
  prices: "Prices",
} as const;
