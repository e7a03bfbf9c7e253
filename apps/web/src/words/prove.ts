import { formatAmps, formatNumber, formatVolts, formatWith } from "@amp-saver/core/quantity";
import type { LeftOutReason, RunningComparison } from "@amp-saver/core/study/reading";
import type { Since } from "@amp-saver/core/study/since";
import type { Reading } from "@amp-saver/records";
import type { Span } from "./answer.ts";

export const MODE_WORDS: Readonly<Record<Reading["mode"], string>> = {
  inrush: "inrush, 100 ms",
  "max-hold": "max hold",
  app: "starter’s own",
  live: "running",
};

export const CONDUCTOR_WORDS: Readonly<Record<Reading["conductor"], string>> = {
  common: "compressor common",
  run: "compressor run",
  start: "compressor start",
  supply: "the unit’s supply",
};

const RUNNING_SHORT: Readonly<Record<RunningComparison["verdict"], string>> = {
  same: "the same within the readings",
  changed: "not the same",
  "cannot-tell": "the weather may explain it",
};

interface ProofWords {
  readonly verdict: string;
  readonly beforeA: number;
  readonly afterA: number;
  readonly reduction: number;
  readonly low: number;
  readonly high: number;
  readonly running: RunningComparison["verdict"] | null;
  /** The side of the next reading. */
  readonly side: Reading["when"];
}

const RUNNING_CLAUSE: Readonly<Record<RunningComparison["verdict"] | "none", string>> = {
  none: ".",
  same: ", and the running amps did not change.",
  changed: "; the running amps changed, which a starter does not do.",
  "cannot-tell": "; running amps cannot be told apart from the weather.",
};

/** The proof in one sentence, the deciding figure marked. */
export function proofSentence({ verdict, beforeA, afterA, reduction, low, high, running, side }: ProofWords): readonly Span[] {
  const percent = formatWith(reduction * 100, 0, "%");
  const fell = `starting amps fell from ${formatAmps(beforeA)} to ${formatAmps(afterA)}, `;
  switch (verdict) {
    case "as-expected":
      return [{ text: `Yes: ${fell}` }, { text: `${percent} less`, decides: true }, { text: RUNNING_CLAUSE[running ?? "none"] }];
    case "more-than-expected":
      return [
        { text: `More than expected: ${fell}` },
        { text: `${percent} less`, decides: true },
        { text: ". Was the clamp on the same wire?" },
      ];
    case "less-than-expected":
      return [
        { text: `Less than expected: ${fell}` },
        { text: `${percent} less`, decides: true },
        { text: reduction < 0.5 ? ", not half." : "." },
      ];
    case "no-reduction":
      return [
        { text: "No: " },
        { text: `${formatAmps(beforeA)} and ${formatAmps(afterA)}`, decides: true },
        { text: ` may be the same: from ${formatNumber(low * 100, 0)} to ${formatWith(high * 100, 0, "%")} less.` },
      ];
    case "cannot-tell":
      return [
        { text: `Cannot tell yet: ${formatAmps(beforeA)} and ${formatAmps(afterA)}. ` },
        { text: "Take three readings a side.", decides: true },
      ];
    case "no-before":
      return [{ text: "No before reading was taken, so " }, { text: "the reduction is expected, not shown.", decides: true }];
    case "no-after":
      return [{ text: "The before readings stand. " }, { text: "Take the after readings the same way.", decides: true }];
    case "nothing-alike":
      return [{ text: "Nothing can be compared: " }, { text: "no two readings are of one kind on one wire.", decides: true }];
    default:
      return side === "before"
        ? [{ text: "Nothing is shown yet: " }, { text: "take a before reading first.", decides: true }]
        : [
            { text: "Nothing is shown yet: " },
            { text: "take the after readings;", decides: true },
            { text: " no before reading was taken." },
          ];
  }
}

/** How many starts as found are read, of those wanted, and their middle. */
export function beforeSentence(read: number, wanted: number, middleA: number | null): readonly Span[] {
  if (middleA === null) return [{ text: "No before readings yet. " }, { text: `Take ${wanted} starts.`, decides: true }];
  const left = wanted - read;
  if (left > 0) return [{ text: `It draws ${formatAmps(middleA)} to start. ` }, { text: `Take ${left} more.`, decides: true }];
  return [{ text: "It draws " }, { text: formatAmps(middleA), decides: true }, { text: ` to start, middle of ${read} readings.` }];
}

/** On a later visit: whether it starts as it did when it was handed over. */
export function visitSentence({ verdict, thenA, nowA, change }: Since): readonly Span[] {
  if (thenA === null || nowA === null || change === null)
    return verdict === "no-now"
      ? [{ text: "Not known yet: " }, { text: "read the start again as it was read then.", decides: true }]
      : verdict === "no-then"
        ? [{ text: "Nothing can be compared: " }, { text: "the visit before has no reading with the starter in.", decides: true }]
        : [{ text: "Nothing can be compared: " }, { text: "it was read otherwise then: kind, wire or source.", decides: true }];
  const then = ` than the ${formatAmps(thenA)} of then.`;
  const percent = formatWith(Math.abs(change) * 100, 0, "%");
  if (verdict === "alike")
    return [
      { text: "Yes: " },
      { text: formatAmps(nowA), decides: true },
      { text: ` and ${formatAmps(thenA)} then are the same within the readings.` },
    ];
  return verdict === "higher"
    ? [{ text: `No: it starts at ${formatAmps(nowA)}, ` }, { text: `${percent} more`, decides: true }, { text: then }]
    : [{ text: `It starts at ${formatAmps(nowA)}, ` }, { text: `${percent} less`, decides: true }, { text: then }];
}

export const BEFORE = {
  question: (unit: string): string => `What does ${unit} draw before the starter goes in?`,
  sure: "Without before readings the proof can compare with the plate only. You can go on without them.",
  hang: "Hang the clamp",
  hangDead: "Hang the clamp only on a dead unit. Prove it dead first.",
  toIsolate: "Prove it dead",
  hangSteps: [
    "Close the jaws around compressor common only.",
    "Close the unit as far as it goes, the terminal cover on.",
    "Read the meter from outside, hands clear.",
  ],
  powered: "Power is back: lock again",
  otherSide: {
    before: "The starter is in already. A reading you take now is an after reading.",
    after: "No first power with the starter is on record. A reading you take now is a before reading.",
  },
  toOtherSide: { before: "Go to Prove", after: "Go to Before" },
} as const;

export const PROVE = {
  question: (unit: string): string => `Did the starter do its work on ${unit}?`,
  visitQuestion: (unit: string, day: string): string => `Does ${unit} start as it did on ${day}?`,
  sure: (before: number, after: number, low: number, high: number): string =>
    `Middle of ${before} before and ${after} after, taken alike. The true drop is ${formatNumber(low * 100, 0)} to ${formatWith(high * 100, 0, "%")}, 95 times in 100. It lowers the start, not the cost of running.`,
  foot: "The first 100 ms see only the foot of a starter’s ramp, so inrush mode overstates the drop. Take max hold too.",
  meters: {
    different: "Before and after were read with different meters: the error of both is counted.",
    "not-noted": "Which meter took them was not noted: the error of two is counted.",
  },
  few: (sides: string): string => `Three readings a side make a middle; ${sides} has fewer.`,
  sides: { before: "before", after: "after" },
  bothSides: "each side",
  rule: "Start, amps",
  before: "Before",
  after: "After",
  leftOut: "Left out",
  running: "Running",
  runningBoth: "both sides",
  middle: (n: number): string => (n === 1 ? "one reading" : `middle of ${n}`),
  less: "less",
  runningBefore: (a: number): string => `${formatAmps(a)} before`,
  runningAfter: (a: number, verdict: RunningComparison["verdict"]): string => `${formatAmps(a)} after, ${RUNNING_SHORT[verdict]}`,
  runningAfterShort: (a: number): string => `${formatAmps(a)} after`,
  visitSides: {
    before: "Then",
    after: "Now",
    pictureLabel: "Start amps of the visit before and of this one",
    runningBoth: "both visits",
    runningBefore: (a: number): string => `${formatAmps(a)} then`,
    runningAfter: (a: number, verdict: RunningComparison["verdict"]): string => `${formatAmps(a)} now, ${RUNNING_SHORT[verdict]}`,
    runningAfterShort: (a: number): string => `${formatAmps(a)} now`,
  },
  alike: "Taken alike?",
  alikeOf: (n: number, all: number): string => `${n} of ${all}`,
  alikeWords: { equal: "equal", near: "near enough", unlike: "not alike", "not-known": "not known" },
  alikeRows: {
    meter: "Meter",
    conductor: "Wire",
    mode: "Kind",
    rest: "Rest before",
    source: "Source",
    outdoor: "Outdoor air",
    volts: "Volts at unit",
  },
  differs: "differs",
  readings: "All readings",
  add: { before: "Add a before reading", after: "Add an after reading" },
  amps: "Amps",
  mode: "How the meter took it",
  conductor: "Jaws on",
  volts: "Volts at the unit",
  rest: "Rest before, min",
  outdoor: "Outdoor air",
  meter: "Which meter",
  source: "Fed by",
  sourceNone: "not noted",
  save: "Keep this reading",
  required: (label: string, limits: string): string => `${label} must be a number from ${limits}.`,
  deleteReading: (amps: number): string => `Delete the reading of ${formatAmps(amps)}`,
  coach: "Next reading",
  coachWhere: (wires: readonly string[]): string =>
    wires.length === 0
      ? "Jaws on the conductor at compressor C alone."
      : `Jaws around one conductor: ${wires.join(" or ")}, at compressor C.`,
  coachMode:
    "Max hold where the meter has it, and inrush mode. Clear the display before each start. Then live, for running amps and volts.",
  rested: (left: string): string => `Rests: ${left} left before the next start counts.`,
  restedOver: "It has rested: the next start counts.",
  restNone: "Note each start’s reading at once and say when it is off: its rest is counted from there.",
  offNow: "It is off: count its rest from now",
  more: (n: number, side: string): string =>
    n <= 0 ? `Enough start readings ${side}.` : `${n} more start ${n === 1 ? "reading" : "readings"} ${side}.`,
  disagree: {
    before: "The two before readings disagree: a third tells which one bounced.",
    after: "The two after readings disagree: take a third.",
  },
  meterShows: (name: string, figure: string): string => `${name} shows ${figure}.`,
  takeOver: (name: string): string => `Take it over from ${name}`,
  loadsOn: "What else was on",
  runningWords: {
    "as-expected": "Running amps are right for plate and weather.",
    "above-rated": "Running amps are above the plate’s: dirty coil, charge, low volts.",
    high: "Running amps are high for this weather: dirty coil, charge, low volts.",
    low: "Running amps are low for this weather: another wire, or not yet steady.",
    "not-known": "",
  },
  sameVolts: (beforeV: number, afterV: number, reduction: number): string =>
    `Brought to the same volts (${formatVolts(beforeV)} before, ${formatVolts(afterV)} after) it is ${formatWith(reduction * 100, 0, "%")} less.`,
  pictureLabel: "Start amps before and after on one rule.",
  liveTitle: "Measuring in a live unit",
  liveText:
    "Hang the clamp with the unit dead and proven dead, close it up as far as it goes, then power it. Never power it with the compressor’s terminal cover off, and never read live at its pins: a terminal can blow out with burning oil. One clean push on the disconnect; a jerky one gives a false high.",
  chargeTitle: "Capacitors hold charge after the power is off",
  chargeText:
    "Before a hand goes near them: bleed each with 2 × 10 kilohm, 5 W in series on insulated leads, read below 10 V on the DC range, wait 30 s, read again. A meter on AC volts shows about nothing on a charged capacitor.",
  howTitle: "How to take it",
  how: "Clamp on compressor common only, inrush mode, at least three starts with 3 to 5 min rest between, the same each time, then running amps and volts. Same clamp, same wire, same mode afterwards.",
} as const;

export const LEFT_OUT_WORDS = {
  unlike: "another kind or wire than the rest",
  "above-locked": "more than a rotor of this plate can draw: a bounced contact?",
  outlier: "far from the others",
  "not-rested": "started before it had rested 3 min",
  "run-reads-low": "not on compressor common, reads low",
  "start-winding": "on the start winding: proves nothing",
} as const satisfies Readonly<Record<LeftOutReason, string>>;
