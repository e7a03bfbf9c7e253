import { formatAmps, formatNumber, formatWith } from "@amp-saver/core/quantity";
import type { Part } from "./check.ts";

/** Every remedy, what it costs besides money, and what it does not do. */
export const REMEDY_WORDS: Readonly<Record<string, { readonly name: string; readonly gives: string; readonly noise: string }>> = {
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
  "other-source": { name: "Another source", gives: "Being where it is.", noise: "–" },
  parallel: { name: "A second set in parallel", gives: "Weight and fuel twice; only sets made for it.", noise: "two sets" },
  bigger: { name: "A bigger generator", gives: "Weight and fuel.", noise: "louder" },
  "bigger-soft": { name: "Bigger generator and soft starter", gives: "Both of what each asks.", noise: "louder" },
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

/** What to do, in one sentence. */
export function chooseSentence(
  best: { readonly code: string; readonly name: string; readonly usd: number; readonly fits: boolean } | null,
): readonly Part[] {
  if (best === null) return [{ text: "None of these holds on this source: " }, { text: "another source is needed.", decides: true }];
  if (best.code === "as-is") return [{ text: "Nothing is needed: " }, { text: "it starts and keeps running as it is.", decides: true }];
  const price = best.usd === 0 ? "costs nothing" : `about ${formatNumber(best.usd, 0)} dollars`;
  return [{ text: `${best.name}: ${price}, and ` }, { text: best.fits ? "it fits." : "it just fits.", decides: true }];
}

export const CHOOSE = {
  question: (source: string | null): string =>
    source === null
      ? "What is the cheapest honest way to make it start?"
      : `What is the cheapest honest way to make it start on ${source}?`,
  sure: "Each simulated on this source, at this heat and height, with these loads. Prices in US dollars, yours to change; a technician’s visit comes on top where you do not fit it yourself.",
  never:
    "A larger breaker or a thicker wire is never a remedy: the breaker protects the wire. A soft starter does not lower the cost of running.",
  heads: {
    remedy: "Remedy",
    fit: "Fit",
    start: "Start",
    run: "Run",
    held: "Trials",
    usd: "Dollars",
    kg: "Weight",
    work: "Work",
    noise: "Noise",
  },
  askWeakest: (name: string): string => `Ask on the weakest: ${name}`,
  askWorstDay: "Ask for the rig’s own hottest day and highest stop",
  best: "take this",
  spare: (a: number | null): string => (a === null ? "no limit" : a > 0 ? formatAmps(a) : `${formatAmps(-a)} over`),
  noStart: "no start",
  starter: (name: string): string => `Soft starter, ${name}`,
  open: "Open in Check",
  openOf: (name: string): string => `Open in Check: ${name}`,
  leans: "leans on it",
  trying: "trying",
  held: (holds: number, trials: number): string => `${formatNumber((100 * holds) / Math.max(1, trials), 0)} of 100`,
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
