import { formatNumber, formatVolts, formatWith } from "@amp-saver/core/quantity";
import { ASSESS_PARAMS } from "@amp-saver/core/study/assess/params";
import { roundWatts } from "./answer.ts";

/** What is said of the smallest that works. */
export const SMALLEST = {
  title: "The smallest that works",
  table: "The smallest, by start method",
  help: `In ${Math.round(100 * ASSESS_PARAMS.fitsShare.value)} of 100 tries, with everything we don’t know varied. Each line changes alone.`,
  find: "Find the smallest that works",
  found: (tried: number, of: number): string => `${tried} of ${of} tries`,
  stop: "Stop",
  rows: {
    runningW: "Generator, running watts",
    surgeW: "Generator, surge watts",
    breakerA: "Breaker of the circuit",
    leastVolts: "Volts at the outlet",
    hottestC: "Hottest day",
    highestM: "Highest campsite",
  },
  cord: (size: string): string => `Longest cord, ${size}`,
  atLeast: { watts: (w: number): string => roundWatts(w), amps: (a: number): string => formatWith(a, 0, "A"), volts: formatVolts },
  upTo: (value: number, unit: string): string => `${formatNumber(value, 0)}\u00a0${unit}`,
  most: (value: number, unit: string): string => `${formatNumber(value, 0)}\u00a0${unit} or more`,
  none: "none",
  trying: "trying",
  bigger: (runningW: number, surgeW: number): string => `At least ${roundWatts(runningW)} running and ${roundWatts(surgeW)} surge.`,
} as const;
