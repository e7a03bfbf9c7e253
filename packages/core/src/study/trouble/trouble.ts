import { COMPRESSOR_MOTOR_PARAMS } from "../../device/compressor-motor/index.ts";
import { continuousA } from "../../device/shore/index.ts";
import { READING_PARAMS } from "../reading/index.ts";
import { partBand } from "../start-parts/index.ts";
import { TROUBLE_PARAMS as P } from "./params.ts";

/** What somebody sees or hears go wrong. */
export const SYMPTOMS = [
  "lights-dim",
  "hums-then-quiet",
  "trips-at-once",
  "trips-after-minutes",
  "source-shuts-off",
  "runs-not-cold",
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

/** What is measured to tell why. */
export const MEASUREMENTS = [
  "rest",
  "start-volts",
  "run-volts",
  "start-amps",
  "running-amps",
  "source-amps",
  "run-capacitor",
  "start-capacitor",
  "winding-to-case",
] as const;
export type Measurement = (typeof MEASUREMENTS)[number];

/** What is measured first, next and last for each, the cheapest and the likeliest before the rest; common practice, no source. */
const ORDER: Readonly<Record<Symptom, readonly Measurement[]>> = {
  "lights-dim": ["start-volts", "start-amps", "run-capacitor", "start-capacitor"],
  "hums-then-quiet": ["rest", "run-capacitor", "start-capacitor", "start-volts", "winding-to-case", "start-amps"],
  "trips-at-once": ["winding-to-case", "start-amps", "run-capacitor", "start-volts"],
  "trips-after-minutes": ["source-amps", "running-amps", "run-volts", "run-capacitor"],
  "source-shuts-off": ["source-amps", "running-amps", "run-volts", "start-amps"],
  "runs-not-cold": ["running-amps", "run-volts", "run-capacitor"],
};

/** What a reading outside its bounds means. */
export type Cause =
  | "not-rested"
  | "weak-feed"
  | "hard-start"
  | "overworked"
  | "little-work"
  | "source-too-small"
  | "run-capacitor-off"
  | "start-capacitor-off"
  | "winding-to-case";

/** What is known of the unit and of what feeds it; null where nobody entered it. */
export interface TroubleFacts {
  readonly plateV: number;
  readonly lockedRotorA: number | null;
  readonly ratedLoadA: number | null;
  readonly runCapacitorF: number | null;
  /** Tolerance on its label, a share; null for the usual. */
  readonly runCapacitorShare: number | null;
  readonly startCapacitorF: number | null;
  readonly startCapacitorShare: number | null;
  /** Breaker of the circuit that feeds it, or what a set carries for hours, A. */
  readonly breakerA: number | null;
  readonly carriesA: number | null;
}

/** One thing to measure: its bounds, what was read, and what that means. */
export interface Measured {
  readonly what: Measurement;
  readonly unit: "V" | "A" | "F" | "min" | "ohm";
  readonly least: number | null;
  readonly most: number | null;
  /** Null while nobody read it. */
  readonly read: number | null;
  readonly cause: Cause | null;
}

/** All that is to be measured for a symptom, what is next, and what was found so far. */
export interface TroubleStudy {
  readonly list: readonly Measured[];
  /** Null once everything that can be judged has been read, or a cause was found. */
  readonly next: Measurement | null;
  readonly causes: readonly Cause[];
}

interface Band {
  readonly unit: Measured["unit"];
  readonly least: number | null;
  readonly most: number | null;
  readonly low: Cause | null;
  readonly high: Cause | null;
}

/** Bounds of a good reading; null where what they follow from is not known. Common practice, no source. */
function bandOf(what: Measurement, facts: TroubleFacts): Band | null {
  const times = (share: number, of: number | null): number | null => (of === null ? null : of * share);
  switch (what) {
    case "rest":
      return { unit: "min", least: READING_PARAMS.leastRestMin.value, most: null, low: "not-rested", high: null };
    case "start-volts":
      return { unit: "V", least: facts.plateV * P.startVoltsShare.value, most: null, low: "weak-feed", high: null };
    case "run-volts":
      return { unit: "V", least: facts.plateV * COMPRESSOR_MOTOR_PARAMS.lowestPlateShare.value, most: null, low: "weak-feed", high: null };
    case "start-amps": {
      const most = times(P.startAmpsShare.value, facts.lockedRotorA);
      return most === null ? null : { unit: "A", least: null, most, low: null, high: "hard-start" };
    }
    case "running-amps": {
      const most = times(P.runningAmpsShare.value, facts.ratedLoadA);
      const least = times(P.weakAmpsShare.value, facts.ratedLoadA);
      return most === null ? null : { unit: "A", least, most, low: "little-work", high: "overworked" };
    }
    case "source-amps": {
      const most = facts.breakerA === null ? facts.carriesA : continuousA(facts.breakerA);
      return most === null ? null : { unit: "A", least: null, most, low: null, high: "source-too-small" };
    }
    case "run-capacitor": {
      const band = partBand("run-capacitor", facts.runCapacitorF, facts.runCapacitorShare);
      return band && { unit: "F", least: band.least, most: band.most, low: "run-capacitor-off", high: "run-capacitor-off" };
    }
    case "start-capacitor": {
      const band = partBand("start-capacitor", facts.startCapacitorF, facts.startCapacitorShare);
      return band && { unit: "F", least: band.least, most: band.most, low: "start-capacitor-off", high: "start-capacitor-off" };
    }
    case "winding-to-case":
      return { unit: "ohm", least: P.caseLeastOhm.value, most: null, low: "winding-to-case", high: null };
  }
}

/** From a symptom to the next measurement, and from what was measured to what it means; what cannot be judged for want of a figure is left out. */
export function studyTrouble(symptom: Symptom, facts: TroubleFacts, read: Readonly<Partial<Record<Measurement, number>>>): TroubleStudy {
  const list = ORDER[symptom].flatMap((what): Measured[] => {
    const band = bandOf(what, facts);
    if (band === null) return [];
    const { unit, least, most, low, high } = band;
    const value = read[what] ?? null;
    const cause = value === null ? null : least !== null && value < least ? low : most !== null && value > most ? high : null;
    return [{ what, unit, least, most, read: value, cause }];
  });
  const causes = [...new Set(list.flatMap(({ cause }) => cause ?? []))];
  const next = causes.length > 0 ? null : (list.find(({ read }) => read === null)?.what ?? null);
  return { list, next, causes };
}
