import type { Danger, Unproven } from "@amp-saver/core/study/practice";
import { ended } from "./practice.ts";
import { FAULT_WORDS } from "./practice-names.ts";

export const DEBRIEF = {
  done: (title: string): string => `${ended(title)} Done.`,
  notDone: "Not done yet.",
  stoppedAt: (n: number): string => `Stopped at act ${n}.`,
  sure: (own: string, expert: string): string => `You took ${own}. An expert takes ${expert}.`,
  goals: "Goals",
  met: "met",
  notMet: "not met",
  hid: "What was hidden",
  nothingHid: "Nothing was wrong with this unit.",
  proven: "measured and named",
  unnamed: "measured, not named",
  guessed: "named, not measured",
  missed: "missed",
  wrong: (code: keyof typeof FAULT_WORDS): string => `You named ${FAULT_WORDS[code].toLowerCase()}; it was not there.`,
  elsewhere: (n: number): string => `Act ${n}: you read the clamp on another wire. The plate’s amps are those of compressor common.`,
  luck: "Where it was luck",
  noLuck: "Every time your hands went in, the unit was proven dead.",
  noHands: "Your hands never went in.",
  luckAt: (n: number): string => `Act ${n}: your hands went in before this was shown`,
  yours: "Your course",
  experts: "An expert’s course",
  pins: "Compressor terminals",
  pin: (place: string, real: string): string => `${place} was ${real}.`,
  guide: "More in the Guide",
  print: "Print the summary",
  kept: "Kept in this device’s logbook.",
  columns: { act: "Act", took: "Clock", showed: "Showed" },
} as const;

export const UNPROVEN_WORDS: Readonly<Record<Unproven, string>> = {
  "source-on": "Every source switched off",
  "not-locked": "Every source locked and tagged",
  "meter-before": "The meter proven on a live source first",
  pairs: "Every supply pair dead on low impedance",
  "meter-after": "The meter proven again afterwards",
  charge: "Every capacitor read twice, half a minute apart",
};

/** What would have happened, and what should have come first. */
export const DANGERS_TOLD: Readonly<Record<Danger, { readonly what: string; readonly instead: string }>> = {
  "live-touched": {
    what: "Stopped: you would have touched a live terminal. That can kill.",
    instead: "Switch off, lock, wait for what feeds by itself, and measure every pair on low impedance first.",
  },
  "charged-touched": {
    what: "Stopped: you would have touched a charged capacitor.",
    instead: "Bleed it with a resistor, read it, wait half a minute, and read it again.",
  },
  "capacitor-shorted": {
    what: "Stopped: a screwdriver across a charged capacitor burns tabs, tool and eyes.",
    instead: "Bleed it through a resistor of 20,000 ohm instead.",
  },
  "bleeder-on-live": {
    what: "Stopped: the bleeder was put on live terminals and would burn.",
    instead: "Prove the pair dead first. A bleeder is for what is off.",
  },
  "ohms-on-live": {
    what: "Stopped: ohms and capacitance are measured on dead parts only. This blows the meter’s fuse, or worse.",
    instead: "Measure volts first, then turn to ohms.",
  },
  "powered-terminals-open": {
    what: "Stopped: power with the compressor’s terminal cover off. A terminal can blow out with burning oil.",
    instead: "Close the terminal cover before any source is switched on.",
  },
  "learned-on-weak": {
    what: "Stopped: the starter would have learned its first starts on a source that cannot carry them.",
    instead: "Let it learn on full shore power, or on a source that can supply the start.",
  },
  "starter-destroyed": {
    what: "Stopped: wired like this, the soft starter would be destroyed at the first start.",
    instead: "Check every lead against the plan before power comes.",
  },
  "compressor-destroyed": {
    what: "Stopped: wired like this, the compressor’s windings would burn.",
    instead: "Tell run, start and common apart by ohms before you land a wire.",
  },
  "coil-destroyed": {
    what: "Stopped: line volts on the control coil would burn it.",
    instead: "Keep control wires and line wires apart, and measure before you land one.",
  },
  "short-circuit": {
    what: "Stopped: that is a short circuit. The breaker trips with an arc.",
    instead: "Measure ohms between the two before you switch on.",
  },
};
