import { formatAmps, formatNumber, formatVolts } from "@amp-saver/core/quantity";
import type { Hint, PracticeAct, PracticeStep, Refusal } from "@amp-saver/core/study/practice";
import { PRACTICE } from "./practice.ts";
import { CLAMP_WORDS, COVER_WORDS, RANGE_WORDS } from "./practice-names.ts";

/** Names of what is on the bench, as its map shows them. */
export interface BenchNames {
  readonly terminal: (at: string) => string;
  readonly wire: (id: string) => string;
  readonly part: (id: string) => string;
  readonly source: (id: string) => string;
}

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
