import type { Measure } from "@amp-saver/core/figure";
import type { Beside, Difference, LimitBeside, LimitKind, SheetAct, SheetDoubt, SheetPlace } from "@amp-saver/core/study/maker-sheet";
import type { Span } from "./answer.ts";
import { wireSize } from "./wire-size.ts";
import { lower, type WiringNames } from "./wiring.ts";

const steps = (n: number): string => (n === 1 ? "1 step" : `${n} steps`);
const list = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? "") : `${parts.slice(0, -1).join(", ")} and ${parts.at(-1)}`;

const PLACES: Readonly<Record<SheetPlace, string>> = {
  "cap-c": "cap C",
  "cap-herm": "cap HERM",
  "cap-fan": "cap FAN",
  "compressor-c": "compressor C",
  "compressor-r": "compressor R",
  "compressor-s": "compressor S",
  "contactor-l1": "contactor L1",
  "contactor-t1": "contactor T1",
  "contactor-l2": "contactor L2",
  "contactor-t2": "contactor T2",
  "contactor-coil": "contactor coil",
  board: "board or relay",
  overload: "overload",
  plug: "plug",
  fan: "fan motor",
  "start-capacitor": "start capacitor",
  ptc: "PTC",
  "start-relay": "start relay",
  "hard-start": "hard start kit",
};

const ACTS: Readonly<Record<SheetAct, string>> = {
  lift: "Take a wire off",
  land: "Put a wire on",
  move: "Move a wire",
  join: "Join two wires",
  cut: "Cut a wire",
  remove: "Take a part out",
  cap: "Cap an end",
  mount: "Mount the starter",
  isolate: "Switch off, discharge",
  learn: "Run it",
  look: "Look or photograph",
  other: "Something else",
};

/** The maker's sheet beside the plan of one unit. */
export const MAKER = {
  question: (unit: string): string => `Does the maker’s sheet fit ${unit}?`,
  noStarter: [{ text: "Not known yet: " }, { text: "pick the starter in Choose first.", decides: true }] satisfies readonly Span[],
  noSheet: [{ text: "Not known yet: " }, { text: "type, paste or photograph its steps.", decides: true }] satisfies readonly Span[],
  noPlan: [{ text: "Not known yet: " }, { text: "this unit has no plan.", decides: true }] satisfies readonly Span[],
  answer: (disagree: number, open: number, missing: number): readonly Span[] => {
    if (disagree > 0)
      return [
        { text: "Not as printed: " },
        { text: `${steps(disagree)} ${disagree === 1 ? "does" : "do"} not fit this unit.`, decides: true },
      ];
    if (open > 0)
      return [
        { text: "Not known yet: " },
        { text: `${open === 1 ? "1 sentence is" : `${open} sentences are`} not understood.`, decides: true },
      ];
    if (missing > 0) return [{ text: "Mostly: " }, { text: `the sheet leaves out ${steps(missing)} of the plan.`, decides: true }];
    return [{ text: "Yes. " }, { text: "Each step fits the plan of this unit.", decides: true }];
  },
  sure: "Only words are compared. Look at the unit, and follow every warning of the sheet.",
  text: "Steps of the sheet",
  textHelp: "One step a line, as printed. Enter the lead colors in Choose.",
  keep: "Keep the text",
  back: "Discard the change",
  tooLong: (most: number): string => `Steps of the sheet must have at most ${most} letters. Nothing was kept.`,
  photograph: "Photograph the sheet",
  reading: "Reading the sheet on this device. This takes a few seconds.",
  readIt: "Read from the photo. Compare it with the sheet, then keep it.",
  nothing: "No words were read on this photo. Photograph the page straight on, near, and without glare.",
  lines: "Step by step",
  verdicts: {
    agrees: "fits",
    otherwise: "fits, done otherwise",
    disagrees: "does not fit",
    open: "not understood",
    elsewhere: "not wiring",
  } satisfies Record<Beside["verdict"], string>,
  doubts: {
    "no-act": "No verb of it is known here. Say what it means, or leave it.",
    forbids: "It says what not to do, or what stays. Read it on the sheet.",
    "which-c": "It says C without saying whose: run cap or compressor. Say which.",
    "no-wire": "It does not say which wire. Say which.",
    "no-place": "It does not say where to. Say where.",
  } satisfies Record<SheetDoubt, string>,
  here: (sentence: string): string => `On this unit: ${sentence}`,
  asPrinted: (fault: string, symptom: string): string => `As printed: ${fault} ${symptom}`,
  missing: "Left out by the sheet",
  missingHelp: "The plan of this unit has these steps and the sheet does not.",
  correct: "Say what it means",
  correcting: "Correct a step that was misread",
  told: "As you said it means",
  forget: "Read it again from the text",
  act: "What to do",
  wire: "Which wire",
  with: "Joined with",
  from: "Off",
  to: "Onto",
  none: "not said",
  anyWire: "any wire",
  acts: ACTS,
  places: PLACES,
  lead: (name: string, color: string | undefined): string => (color === undefined ? `starter ${name}` : `starter ${name} (${color})`),
  limits: "Limits of the sheet",
  limitsHelp: "The stricter of sheet and app counts.",
  noLimits: "No limit was found in its text.",
  use: "Use the sheet’s limits",
  wins: {
    sheet: "the sheet’s counts once you use it",
    own: "the app’s is stricter and stays",
    same: "in use",
    unbelieved: "outside what is believed here: compare it with the sheet",
  },
  limitRow: (name: string, sheet: string, own: string | null): string => `${name}: sheet ${sheet}${own === null ? "" : `, here ${own}`}`,
  inFit: (n: number): string => `The maker’s sheet does not fit this unit in ${steps(n)}.`,
  toSheet: "See the maker’s sheet",
} as const;

const LIMIT_WORDS: Readonly<Record<LimitKind, string>> = {
  mostTons: "Largest unit",
  leastTons: "Smallest unit",
  mostV: "Highest volts",
  leastV: "Lowest volts",
  lockedRotorMostA: "Most locked rotor amps",
  delayS: "Longest start delay",
  runs: "Learning runs",
  runS: "Each run",
  restS: "Rest between starts",
  extensionAwg: "Wire that lengthens a lead",
};

/** A limit in words, in the reader's measure. */
export function limitSentence({ kind, value, own }: LimitBeside, measure: Measure): string {
  const say = (v: number): string => {
    if (kind === "extensionAwg") return wireSize(v, measure);
    if (kind === "mostTons" || kind === "leastTons") return `${v} tons`;
    if (kind === "mostV" || kind === "leastV") return `${v} V`;
    if (kind === "lockedRotorMostA") return `${v} A`;
    if (kind === "runs") return String(v);
    return v < 120 ? `${v} s` : `${Math.round(v / 6) / 10} min`;
  };
  return MAKER.limitRow(LIMIT_WORDS[kind], say(value), own === null ? null : say(own));
}

/** One difference in words, with the reason. */
export function differenceSentence(d: Difference, names: WiringNames): string {
  const wires = (ids: readonly string[]): string => list(ids.map(names.wire));
  switch (d.code) {
    case "no-such-place":
      return `This unit has no ${PLACES[d.place]}.`;
    case "no-such-aid":
      return `This unit has no ${PLACES[d.place]}: skip this step.`;
    case "out-of-reach":
      return `Nobody gets at ${PLACES[d.place]} on this unit.`;
    case "color-not-there": {
      const elsewhere = d.others.length === 0 ? "" : ` On this unit ${d.color} is ${wires(d.others)}.`;
      return `No ${d.color} wire is there.${d.wire === null ? "" : ` The step means ${names.wire(d.wire)}.`}${elsewhere}`;
    }
    case "color-is-other":
      return `On this unit ${d.color} is ${wires(d.others)}. The step means ${names.wire(d.wire)}.`;
    case "look-alikes":
      return `${wires([d.wire, ...d.others])} look alike here. Trace which is ${names.wire(d.wire)}.`;
    case "stays":
      return `${names.wire(d.wire)} stays where it is on this unit.`;
    case "no-such-lead":
      return d.color === null ? "The starter has no such lead." : `The starter has no ${d.color} lead as entered in Choose.`;
    case "lead-elsewhere":
      return `${names.wire(d.lead)} goes to ${list(d.by.map(names.terminal))} on this unit.`;
    case "wire-elsewhere":
      return `${names.wire(d.wire)} goes to ${list(d.by.map(names.terminal))} on this unit.`;
    case "left-free":
      return `Done as printed, ${names.wire(d.wire)} loses its connection at ${lower(names.terminal(d.at))}.`;
    case "no-cut-needed":
      return `No cut is needed: ${names.wire(d.wire)} unplugs here, and that can be undone.`;
    case "must-cut":
      return `${names.wire(d.wire)} does not unplug there: it is cut.`;
    case "wire-not-told":
      return "Nothing on this unit fits the wire it speaks of.";
  }
}
