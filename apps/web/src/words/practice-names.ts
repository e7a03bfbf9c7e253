import type { CLAMP_MODES, COVERS, MeasureRange, PracticeFaultCode, PracticeSource } from "@amp-saver/core/study/practice";
import type { GuideTopic } from "./guide/topic.ts";

/** What a lesson is called, what is met in it, and where the guide tells more. */
interface LessonWords {
  readonly title: string;
  readonly story: string;
  readonly guide: GuideTopic;
}

/** The twelve lessons by their ids. */
export const LESSON_WORDS: Readonly<Record<string, LessonWords>> = {
  "is-it-dead": {
    title: "Is it dead?",
    story: "The power is on. Prove the unit dead before your hands go in.",
    guide: "dead-rules",
  },
  "it-feeds-again": {
    title: "It feeds again",
    story: "You switch the power off. Something else may feed the unit by itself.",
    guide: "isolate",
  },
  "which-pole-is-hot": {
    title: "Which pole is hot?",
    story: "Somebody wired this outlet in a hurry. Measure what is wrong with it, then prove the unit dead.",
    guide: "dead-rules",
  },
  "volts-that-are-none": {
    title: "Volts from nowhere",
    story: "Everything is off, and the meter may still show volts. Find out whether they are real.",
    guide: "dead-rules",
  },
  "it-stays-charged": {
    title: "It stays charged",
    story: "You bleed the capacitor. Its charge may come back.",
    guide: "run-cap",
  },
  "which-wire-is-which": {
    title: "Which wire is which?",
    story: "Somebody worked on this unit before you. Colors prove nothing; ohms do.",
    guide: "crs",
  },
  "capacitor-and-aid": {
    title: "Capacitor and start aid",
    story: "The unit starts badly. Measure what its run capacitor has left, and what else is wired across it.",
    guide: "hard-start",
  },
  windings: {
    title: "The windings",
    story: "The compressor does not start. Three ohm readings and one to the case tell why.",
    guide: "crs",
  },
  "a-joint-that-does-not-hold": {
    title: "A bad joint",
    story: "One wire does not carry what it should. Measure it, then tug it.",
    guide: "splice",
  },
  "amps-tell": {
    title: "What the amps tell",
    story: "The unit starts and something is not right. Hang the clamp, call for cooling, and read.",
    guide: "starting-amps",
  },
  "a-small-source": {
    title: "A small source",
    story: "This unit is fed by a generator. Find out why it does not keep running.",
    guide: "surge-limit",
  },
  "a-whole-afternoon": {
    title: "A whole afternoon",
    story: "Several things are wrong at once. Prove the unit dead, find them all, and make it run.",
    guide: "isolate",
  },
};

/** What can be hidden, as a fitter would call it. */
export const FAULT_WORDS: Readonly<Record<PracticeFaultCode, string>> = {
  "inverter-feeds-again": "Inverter feeds again",
  "auto-start": "Generator starts by itself",
  "one-pole-unbroken": "Contactor breaks one pole only",
  "hot-neutral-reversed": "Hot and neutral reversed",
  "stray-volts": "Stray volts, no power",
  "neutral-open": "Neutral open",
  "capacitor-rebounds": "Capacitor recharges itself",
  "capacitor-weak": "Weak run capacitor",
  "aid-left-in": "Start aid left in",
  "run-start-swapped": "Run and start swapped",
  orphan: "A wire left off",
  "wrong-herm": "Wires swapped at HERM",
  "bad-crimp": "Bad crimp",
  "overload-open": "Compressor overload open",
  "winding-to-case": "Winding shorted to the case",
  "low-volts": "Low shore volts",
  "thin-cord": "Long, thin cord",
  "weak-source": "Source too weak",
  "eco-mode": "Eco mode on",
  "not-rested": "Not rested",
  "energy-manager-waits": "Energy manager waits",
  "source-overload": "Source overloads after minutes",
  "dirty-coil": "Dirty coil",
};

/** What shows each fault, and what follows where nobody finds it. */
export const FAULT_LESSON: Readonly<Record<PracticeFaultCode, { readonly shown: string; readonly missed: string }>> = {
  "inverter-feeds-again": {
    shown: "Shore power off, a short wait, and the supply pairs show full volts again.",
    missed: "Your hand is on live terminals seconds after you switched off.",
  },
  "auto-start": {
    shown: "Shore power off, half a minute of waiting, and the supply pairs show full volts again.",
    missed: "The generator starts while you work, and the unit is live.",
  },
  "one-pole-unbroken": {
    shown: "No call for cooling, and one leg still shows volts to ground behind the contactor.",
    missed: "The compressor is quiet and one of its terminals is live.",
  },
  "hot-neutral-reversed": {
    shown: "Neutral to ground shows full volts, line to ground none.",
    missed: "The switch breaks the neutral, and everything behind it stays live.",
  },
  "stray-volts": {
    shown: "The meter shows volts on high impedance and none on low impedance.",
    missed: "You chase volts that are not there, or get used to a meter that shows some.",
  },
  "neutral-open": {
    shown: "Line to ground shows full volts, line to neutral none.",
    missed: "The unit looks dead from line to neutral and is live to ground.",
  },
  "capacitor-rebounds": {
    shown: "The capacitor reads near zero after bleeding, and volts again half a minute later.",
    missed: "The charge is back when your fingers are on the tabs.",
  },
  "capacitor-weak": {
    shown: "Lifted off, the capacitor reads far less than its printed microfarads.",
    missed: "The compressor starts late or stalls, and the starter gets the blame.",
  },
  "aid-left-in": {
    shown: "With the compressor’s wire off HERM, the capacitor reads more than its printed microfarads.",
    missed: "A start aid and a soft starter work against each other at every start.",
  },
  "run-start-swapped": {
    shown: "From compressor C, the wire from HERM reads the low ohms of the run winding.",
    missed: "The compressor hums and its overload opens.",
  },
  orphan: {
    shown: "Ohms from the supply’s end of common to compressor C read open.",
    missed: "Nothing happens at the call, and a loose end lies in the box.",
  },
  "wrong-herm": {
    shown: "Ohms from compressor S to HERM are not those of one wire.",
    missed: "The start winding gets full line volts, and the compressor hums.",
  },
  "bad-crimp": {
    shown: "One wire reads ohms where it should read next to none, and comes off at a tug.",
    missed: "The joint heats up under load until it burns.",
  },
  "overload-open": {
    shown: "Compressor C to R and C to S read open, R to S does not.",
    missed: "Somebody buys a compressor that only needed an hour to cool down.",
  },
  "winding-to-case": {
    shown: "With its wire off, a compressor terminal reads ohms to the case.",
    missed: "The breaker trips at every start, or the case gets live.",
  },
  "low-volts": {
    shown: "Line to neutral shows about 103 V before anything runs.",
    missed: "The compressor stalls on a cord that looks good.",
  },
  "thin-cord": {
    shown: "The volts drop far when the compressor starts, and the start takes long.",
    missed: "Another starter does not help: the volts are lost in the cord.",
  },
  "weak-source": {
    shown: "The source shuts off at the start, or its volts fall far.",
    missed: "The starter learns on a source that cannot carry the start.",
  },
  "eco-mode": {
    shown: "The generator idles and shuts off at the call.",
    missed: "A good generator looks too small.",
  },
  "not-rested": {
    shown: "The first start after a short stop draws locked rotor amps.",
    missed: "A reading without rest looks like a bad compressor.",
  },
  "energy-manager-waits": {
    shown: "The call is there, and nothing starts for two minutes.",
    missed: "You look for a fault while the energy manager counts.",
  },
  "source-overload": {
    shown: "It starts and runs, and minutes later the source shuts off.",
    missed: "The owner finds it out on a hot afternoon.",
  },
  "dirty-coil": {
    shown: "Running amps on compressor common are far over the plate’s rated load amps.",
    missed: "The proof passes on a cool day and fails on a hot one.",
  },
};

export const RANGE_WORDS: Readonly<Record<MeasureRange, string>> = {
  volts: "Volts AC",
  "volts-low-z": "Volts AC, low impedance",
  "volts-dc": "Volts DC",
  ohms: "Ohms",
  continuity: "Continuity",
  capacitance: "Capacitance",
};

export const CLAMP_WORDS: Readonly<Record<(typeof CLAMP_MODES)[number], string>> = {
  live: "live",
  inrush: "inrush",
  "max-hold": "max hold",
};

export const COVER_WORDS: Readonly<Record<(typeof COVERS)[number], string>> = {
  box: "Electrical box",
  terminals: "Compressor terminal cover",
};

/** A source as its owner calls it: 240 V is a house’s. */
export function sourceName({ kind, volts }: Pick<PracticeSource, "kind" | "volts">): string {
  return kind === "shore" && volts > 200 ? "House circuit" : SOURCE_WORDS[kind];
}

export const SOURCE_WORDS: Readonly<Record<PracticeSource["kind"], string>> = {
  shore: "Shore power",
  generator: "Generator",
  inverter: "Inverter",
};
