import { formatAmps, formatNumber, formatVolts } from "@amp-saver/core/quantity";
import type { Danger, Goal, Hint, PracticeAct, PracticeStep, Refusal, Unproven } from "@amp-saver/core/study/practice";
import { CLAMP_WORDS, COVER_WORDS, FAULT_WORDS, RANGE_WORDS } from "./practice-names.ts";

/** Names of what is on the bench, as its map shows them. */
export interface BenchNames {
  readonly terminal: (at: string) => string;
  readonly wire: (id: string) => string;
  readonly part: (id: string) => string;
  readonly source: (id: string) => string;
}

export const PRACTICE = {
  question: "What do you want to practice?",
  none: "Start with the first lesson: Is it dead?",
  next: (title: string): string => `Next lesson: ${title}`,
  allDone: "All twelve lessons are done.",
  sure: "A simulated unit: nothing here is live, and nothing here proves a real one dead.",
  lessons: "Lessons",
  daily: "Today’s unit",
  dailyStory: (title: string): string => `A lesson drawn anew every day. Today: ${title}`,
  free: "Your own unit",
  ownStory: "A unit you put together. Prove it dead, then find what you hid.",
  freeStory: "Choose the wiring and what is wrong with it.",
  wiring: "Wiring",
  fedBy: "Fed by",
  seed: "Number of the unit",
  seedWrong: "Number of the unit must be a whole number from 1 to 999,999.",
  hidden: "Hidden faults",
  start: "Start",
  goOn: "Go on",
  again: "Start again, another unit",
  same: "Same unit again",
  notDone: "not done yet",
  doneIn: (minutes: string, expert: string): string => `done in ${minutes}, an expert takes ${expert}`,
  tries: (n: number): string => (n === 1 ? "1 try" : `${n} tries`),
  begun: (acts: number): string => `begun, ${acts === 1 ? "1 act" : `${acts} acts`}`,
  otherPiece: ", other piece",
  back: "All lessons",
  gone: "There is no such lesson.",
  map: "The unit on the bench: tap terminals and wires.",
  minutes: (seconds: number): string => (seconds < 60 ? `${Math.round(seconds)} s` : `${formatNumber(seconds / 60, 0)} min`),
  clock: (seconds: number, acts: number): string =>
    `${PRACTICE.minutes(seconds)} on the bench’s clock, ${acts === 1 ? "1 act" : `${acts} acts`}`,
  working: "Working it out.",
  coverOn: "cover on",
  search: "Look for hidden screws",
  screw: "one more screw, under a label",
  diagram: ({ common, run, start }: Readonly<Record<"common" | "run" | "start", string>>): string =>
    `Diagram in the lid: common ${common}, run ${run}, start ${start}. It may be wrong.`,
  closedBox: "The electrical box is closed. Open it to see what is inside.",
  panels: { unit: "Unit", meter: "Meter", power: "Power", wires: "Wires", finds: "Finish" },
  panelLabel: "What you do",
  pieces: { one: "Probe 1", two: "Probe 2", clamp: "Clamp", hand: "Hand" },
  holds: {
    one: "Probe 1 is in your hand: tap a terminal.",
    two: "Probe 2 is in your hand: tap a terminal.",
    clamp: "The clamp is in your hand: tap a wire or a terminal.",
    hand: "Bare hand: what you tap, you touch.",
  },
  meterOn: (range: string): string => `Meter on ${range}.`,
  nowhere: "not set",
  range: "Range",
  readAgain: "Read again",
  noReading: "– – –",
  open: "OL",
  beeps: "it beeps",
  silent: "no beep",
  switchOff: (name: string): string => `Switch ${name} off`,
  switchOn: (name: string): string => `Switch ${name} on`,
  lock: "Lock and tag",
  unlock: "Take the lock off",
  sourceState: (on: boolean, locked: boolean, tripped: boolean): string =>
    tripped ? "tripped" : on ? "on" : locked ? "off, locked and tagged" : "off",
  cover: (cover: string, isOpen: boolean): string => `${isOpen ? "Close" : "Open"}: ${cover}`,
  thermostat: "Thermostat",
  call: "Call for cooling",
  callOff: "Stop the call",
  learned: (n: number, of: number): string => `The starter has learned from ${n} of ${of} starts.`,
  heard: {
    nothing: "You hear nothing.",
    fan: "You hear the fan.",
    hum: "You hear a hum; nothing turns.",
    compressor: "You hear the compressor run.",
  },
  wait: "Let time run",
  waits: { 15: "15 s", 60: "1 min", 300: "5 min" } as Readonly<Record<number, string>>,
  capacitors: "Capacitors",
  bleed: (seconds: number): string => `Bleed ${seconds} s`,
  short: "Short with a screwdriver",
  pickWire: "Tap a wire’s tag on the map, or choose it here.",
  wire: "Wire",
  noWire: "none",
  lift: (at: string): string => `Lift off ${at}`,
  tug: (at: string): string => `Tug at ${at}`,
  landFree: "Land the free end at",
  land: "Land it",
  clampHere: "Hang the clamp",
  clampMode: "Clamp mode",
  clampOn: (wire: string, mode: string): string => `Clamp on ${wire}, ${mode}`,
  clampNone: "The clamp is in its bag.",
  readClamp: "Read the clamp",
  fit: "Fit a soft starter",
  family: { F4: "4-lead", F5: "5-lead", FM: "module" },
  fitNow: "Mount it",
  cut: (at: string): string => `Cut at ${at}`,
  splice: "Splice its free end to",
  spliceNow: "Splice",
  finds: "What is wrong with it?",
  findsHelp: "Name what you measured. A wrong guess counts against you.",
  say: "Name it",
  said: (code: keyof typeof FAULT_WORDS): string => `You named: ${FAULT_WORDS[code]}`,
  hint: "Hint, costs 2 min",
  end: "Finish and see",
  goals: {
    "proven-dead": "Prove it dead before your hands go in",
    "all-found": "Measure and name what is wrong",
    runs: "Leave it running",
  } satisfies Readonly<Record<Goal, string>>,
  goalsLabel: "This lesson asks for",
  instead: "What to do instead",
  cautionText: "Follow the maker’s sheets and local code. If you are not trained for live work, call a licensed technician.",
} as const;

export const DEBRIEF = {
  done: (title: string): string => `${title} Done.`,
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

/** Why an act did nothing. */
const REFUSED: Readonly<Record<Refusal, string>> = {
  "no-such-source": "There is no such source here.",
  "no-such-terminal": "There is no such terminal here.",
  "no-such-conductor": "There is no such wire here.",
  "no-such-part": "There is no such part here.",
  "cover-closed": "A cover is in the way. Open it first.",
  "screw-left": "It does not come off: one screw still holds it. Look for it.",
  already: "It is so already.",
  locked: "It is locked and tagged. Take the lock off first.",
  "still-on": "Switch it off before you lock it.",
  "not-there": "That wire is not on this terminal.",
  "not-free": "That wire has no free end.",
  sealed: "It is sealed. Measure where its wires end.",
  "no-clamp": "Hang the clamp on a wire first.",
  "range-out": "Time must be from 0 s to a day.",
  fitted: "A soft starter is fitted already.",
  ended: "This practice has ended.",
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

/** What a hint says. */
export function hintText(hint: Hint, names: BenchNames): string {
  switch (hint.code) {
    case "source-on":
      return "Switch every source off.";
    case "not-locked":
      return "Lock and tag every source you switched off.";
    case "meter-before":
      return "Prove the meter on the proving unit first, on low impedance.";
    case "pairs":
      return "Measure every supply pair on low impedance.";
    case "meter-after":
      return "Prove the meter on the proving unit once more.";
    case "charge":
      return "Bleed each capacitor, read its DC volts, wait 30 s, and read them again.";
    case "search":
      return "Look for a hidden screw: under a label, tape or the shroud.";
    case "open-box":
      return "Open the electrical box.";
    case "open-terminals":
      return "Open the compressor’s terminal cover.";
    case "off-and-wait":
      return "Switch shore power off, lock it, wait a minute or two, and measure the supply again.";
    case "run":
      return "Hang the clamp on the wire to compressor common, switch on, call for cooling, and read it.";
    case "name":
      return "You measured it. Now name it under Finish.";
    case "done":
      return "There is nothing left to do. Finish and see.";
    case "measure":
      return `Set the meter to ${inside(RANGE_WORDS[hint.act.range])} and measure from ${names.terminal(hint.act.from)} to ${names.terminal(hint.act.to)}.`;
  }
}

/** A name within a sentence: its first letter small, AC and DC as they are. */
export function inside(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}

/** What a meter or a clamp shows. */
export function shownText(step: PracticeStep | null): string {
  if (step === null || !("shown" in step)) return PRACTICE.noReading;
  if (step.shown === null) return PRACTICE.open;
  switch (step.unit) {
    case "V":
      return Math.abs(step.shown) < 10 ? `${formatNumber(step.shown, 1)}\u00a0V` : formatVolts(step.shown);
    case "ohm":
      return ohmText(step.shown);
    case "F":
      return `${formatNumber(step.shown * 1e6, 1)}\u00a0µF`;
    case "A":
      return formatAmps(step.shown);
  }
}

function ohmText(ohm: number): string {
  if (ohm >= 1e6) return `${formatNumber(ohm / 1e6, 1)}\u00a0Mohm`;
  if (ohm >= 1e4) return `${formatNumber(ohm / 1e3, 1)}\u00a0kohm`;
  return `${formatNumber(ohm, ohm < 100 ? 1 : 0)}\u00a0ohm`;
}

/** One act as it stands in a course. */
export function actText(act: PracticeAct, names: BenchNames): string {
  switch (act.act) {
    case "switch":
      return act.on ? PRACTICE.switchOn(names.source(act.source)) : PRACTICE.switchOff(names.source(act.source));
    case "lock":
      return `Lock and tag ${names.source(act.source)}`;
    case "unlock":
      return `Take the lock off ${names.source(act.source)}`;
    case "open":
      return `Open: ${COVER_WORDS[act.cover].toLowerCase()}`;
    case "search":
      return `${PRACTICE.search}, ${COVER_WORDS[act.cover].toLowerCase()}`;
    case "close":
      return `Close: ${COVER_WORDS[act.cover].toLowerCase()}`;
    case "measure":
      return `${RANGE_WORDS[act.range]}: ${names.terminal(act.from)} to ${names.terminal(act.to)}`;
    case "bleed":
      return `Bleed ${names.part(act.part)}, ${act.from} to ${act.to}, ${act.seconds} s`;
    case "short":
      return `Short ${names.part(act.part)}, ${act.from} to ${act.to}`;
    case "lift":
      return act.conductor === "all"
        ? `Lift every wire off ${names.terminal(act.at)}`
        : `Lift ${names.wire(act.conductor)} off ${names.terminal(act.at)}`;
    case "land":
      return `Land ${names.wire(act.conductor)} at ${names.terminal(act.at)}`;
    case "tug":
      return `Tug ${names.wire(act.conductor)} at ${names.terminal(act.at)}`;
    case "cut":
      return `Cut ${names.wire(act.conductor)} at ${names.terminal(act.at)}`;
    case "splice":
      return `Splice ${names.wire(act.conductor)} to ${names.wire(act.with)}`;
    case "fit":
      return `${PRACTICE.fit}, ${PRACTICE.family[act.family]}`;
    case "clamp":
      return `Clamp on ${act.conductor === undefined ? names.terminal(act.at ?? "") : names.wire(act.conductor)}, ${CLAMP_WORDS[act.mode]}`;
    case "call":
      return act.on ? PRACTICE.call : PRACTICE.callOff;
    case "read":
      return PRACTICE.readClamp;
    case "wait":
      return `Wait ${PRACTICE.minutes(act.seconds)}`;
    case "touch":
      return `Touch ${names.terminal(act.at)}`;
    case "say":
      return PRACTICE.said(act.code);
    case "hint":
      return "Hint";
  }
}

/** What an act showed, short. */
export function stepText(step: PracticeStep): string {
  if ("refused" in step) return REFUSED[step.refused];
  if ("shown" in step) return `${shownText(step)}${step.beeps === undefined ? "" : `, ${step.beeps ? PRACTICE.beeps : PRACTICE.silent}`}`;
  if (step.screw === true) return PRACTICE.screw;
  return step.cameOff === true ? "the wire came off" : "done";
}
