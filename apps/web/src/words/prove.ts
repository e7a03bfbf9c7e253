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

/** Under what a reading was taken, as far as it is known. */
export function conditionsWords(
  { meter, volts, restMin, outdoorC }: Pick<Reading, "meter" | "volts" | "restMin" | "outdoorC">,
  source: string | null,
  air: (celsius: number) => string,
): string {
  return [
    meter === "" ? null : meter,
    source,
    restMin === null ? null : `${formatWith(restMin, Number.isInteger(restMin) ? 0 : 1, "min")} of rest`,
    volts === null ? null : formatVolts(volts),
    outdoorC === null ? null : air(outdoorC),
  ]
    .filter((part) => part !== null)
    .join(", ");
}

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
      return [{ text: "No before readings, so " }, { text: "the reduction is expected, not shown.", decides: true }];
    case "no-after":
      return [{ text: "No after readings yet. " }, { text: "Take them the same way as before.", decides: true }];
    case "nothing-alike":
      return [{ text: "Nothing to compare: " }, { text: "no two readings are of one kind on one wire.", decides: true }];
    default:
      return side === "before"
        ? [{ text: "No readings yet. " }, { text: "Take the before readings first.", decides: true }]
        : [{ text: "No readings yet. " }, { text: "Take the after readings.", decides: true }];
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
      ? [{ text: "Not known yet. " }, { text: "Read the start the same way as then.", decides: true }]
      : verdict === "no-then"
        ? [{ text: "Nothing to compare: " }, { text: "the last visit has no reading with the starter.", decides: true }]
        : [{ text: "Nothing to compare: " }, { text: "it was another kind, wire or source then.", decides: true }];
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
  sureRead: "Read the same way after the install: the proof compares like with like.",
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
    `Middle of ${before} before and ${after} after, taken the same way. The true drop is ${formatNumber(low * 100, 0)} to ${formatWith(high * 100, 0, "%")}, 95 times in 100. It lowers the start, not the running cost.`,
  foot: "Inrush mode sees only the first 100 ms of the ramp and overstates the drop. Take max hold too.",
  meters: {
    different: "Before and after were read with different meters, so both errors count.",
    "not-noted": "No meter is noted, so the error of two counts.",
  },
  few: (sides: string): string => `Three readings a side are enough; ${sides} has fewer.`,
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
  alike: "Taken the same way?",
  alikeOf: (n: number, all: number): string => `${n} of ${all}`,
  alikeWords: { equal: "equal", near: "near enough", unlike: "not alike", "not-known": "not known" },
  alikeRows: {
    meter: "Meter",
    conductor: "Wire",
    mode: "Kind",
    rest: "Rest before",
    source: "Source",
    outdoor: "Outdoor temp",
    volts: "Volts at unit",
  },
  differs: "differs",
  readings: "All readings",
  nowRunning: "Running amps, after a few minutes.",
  add: { before: "Add a before reading", after: "Add an after reading" },
  amps: "Amps",
  mode: "Meter mode",
  conductor: "Jaws on",
  volts: "Volts at the unit",
  rest: "Rest before, min",
  meter: "Meter",
  source: "Fed by",
  sourceNone: "not noted",
  save: "Keep this reading",
  conditions: (mode: string, wire: string, source: string): string => `${mode}, ${wire}, ${source}: change`,
  hideConditions: "Hide mode, wire and source",
  required: (label: string, limits: string): string => `${label} must be a number from ${limits}.`,
  correct: "Correct",
  correctReading: (amps: number): string => `Correct the reading of ${formatAmps(amps)}`,
  correctTitle: (amps: number): string => `Correct ${formatAmps(amps)}`,
  correctHelp: "Correct only what was typed wrong. What it said before stays with it.",
  keepCorrection: "Keep the correction",
  was: (amps: number, mode: string, wire: string): string => `Corrected: it said ${formatAmps(amps)}, ${mode}, ${wire}.`,
  deleteReading: (amps: number): string => `Delete the reading of ${formatAmps(amps)}`,
  coach: "Next reading",
  coachWhere: (wires: readonly string[]): string =>
    wires.length === 0
      ? "Close the jaws around the wire at compressor C only."
      : `Close the jaws around one wire: ${wires.join(" or ")}, at compressor C.`,
  coachMode: "Use inrush mode, and max hold if the meter has it. Clear the display before each start. Then read running amps and volts.",
  rested: (left: string): string => `Rest ${left} more before the next start counts.`,
  restedOver: "It has rested. The next start counts.",
  restNone: "Enter each start at once, and tap when it is off. Its rest counts from there.",
  offNow: "It is off: start the rest",
  more: (n: number, side: string): string =>
    n <= 0 ? `Enough start readings ${side}.` : `${n} more start ${n === 1 ? "reading" : "readings"} ${side}.`,
  disagree: {
    before: "The two before readings disagree. Take a third.",
    after: "The two after readings disagree. Take a third.",
  },
  meterShows: (name: string, figure: string): string => `${name} shows ${figure}.`,
  takeOver: (name: string): string => `Use the figure from ${name}`,
  loadsOn: "What else was on",
  runningWords: {
    "as-expected": "Running amps fit the plate and the weather.",
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
    "Hang the clamp with the unit proven dead. Close it as far as it goes, then power it. Never power it with the terminal cover off, and never probe its terminals live: one can blow out with burning oil. Push the disconnect in once, cleanly; a jerky push gives a false high.",
  chargeTitle: "Capacitors stay charged after power is off",
  chargeText:
    "Bleed each one with 2 × 10 kilohm, 5 W in series on insulated leads. Read below 10 V DC, wait 30 s, read again. AC volts do not show a charged capacitor.",
  silent: "It does not start: waiting or faulty?",
  howTitle: "How to take it",
  how: "Clamp on compressor common only, in inrush mode. Take three starts with 3 to 5 min of rest between, then running amps and volts. Afterwards the same clamp, wire and mode.",
} as const;

export const LEFT_OUT_WORDS = {
  unlike: "another kind or wire than the rest",
  "above-locked": "more than this plate’s locked rotor amps: a bounced contact?",
  outlier: "far from the others",
  "not-rested": "started before it had rested 3 min",
  "run-reads-low": "not on compressor common, reads low",
  "start-winding": "on the start winding: not comparable",
} as const satisfies Readonly<Record<LeftOutReason, string>>;
