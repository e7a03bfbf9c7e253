import { figureText, type Measure } from "@amp-saver/core/figure";
import type { MountingCheck, MountingOpen, MountingReason } from "@amp-saver/core/study/mounting";
import { MOUNTING_PARAMS } from "@amp-saver/core/study/mounting/params";
import type { CLOSING_CHECKS, POWER_CHECKS } from "@amp-saver/records";
import type { Span } from "./answer.ts";

type PowerCheck = (typeof POWER_CHECKS)[number];
type ClosingCheck = (typeof CLOSING_CHECKS)[number];
const { screwSpareM, tapeMostC, slackM } = MOUNTING_PARAMS;

/** What to look at next, as an act. */
const MOUNT_NEXT: Readonly<Record<MountingOpen, string>> = {
  orientation: "how is it mounted?",
  behind: "look behind the sheet before you screw.",
  "second-restraint": "add a second restraint: tape ages in roof heat.",
  fan: "clear of the fan’s sweep.",
  shaft: "turn the shaft by hand.",
  air: "keep the air path free.",
  tubing: "keep it off the tubing.",
  lid: "try the lid and the shroud.",
  edge: "no lead over a sharp edge.",
  water: "keep water out.",
};

export const FIT = {
  question: "What is next?",
  phases: { find: "Find the wires", mount: "Mount", wire: "Wire", check: "Check", power: "First power", close: "Close", undo: "Undo" },
  phaseLabel: "Part of fitting",
  locked: (reason: string): readonly Span[] => [{ text: `${reason} ` }, { text: "Prove it dead to go on.", decides: true }],
  toIsolate: "Go to Isolate",
  dead: (clock: string, off: number): string => `Dead since ${clock}. All ${off} sources off.`,
  awake: "The screen stays on.",
  stepOf: (k: number, n: number): string => `${k} of ${n}`,
  undoQuestion: "What is undone next?",
  undoDone: [{ text: "It is wired as it was found. " }, { text: "Close it up.", decides: true }] satisfies readonly Span[],
  clearSteps: "Clear the ticks of fitting",
  allDone: [{ text: "Every step is done. " }, { text: "Check it, then first power.", decides: true }] satisfies readonly Span[],
  noPlan: [{ text: "There is no plan yet. " }, { text: "Go to Prepare.", decides: true }] satisfies readonly Span[],
  toPrepare: "Go to Prepare",
  tugged: "Tugged, it holds",
  moved: "It moved",
  remake: "Remake this joint, then tug again.",
  remade: "Remade, it holds",
  done: "Done",
  undo: "Undo this step",
  sound: (most: number): string => `Speak a note, ${most} s at most`,
  soundStop: "Stop and keep the note",
  soundCannot: "This browser cannot record here. Write a note instead.",
  soundRefused: "The microphone was refused. Nothing was recorded.",
  soundNotKept: "This browser’s sound cannot be kept. Write a note instead.",
  soundName: (n: number, seconds: number): string => `Spoken note ${n}, ${Math.round(seconds)} s`,
  soundRemove: (n: number): string => `Delete note ${n}`,
  soundAbsent: "This note’s sound is not on this device.",
  different: "This unit differs",
  note: "What is different",
  doneDifferently: "Done differently",
  noteMissing: "Enter what is different: 1 to 500 letters.",
  noted: (note: string): string => `Noted: ${note}`,
  asBuilt: "Enter how it is wired",
  after: (k: number, sentence: string): string => `Then ${k}: ${sentence}`,
  unproved: "Prove this wire first: it is not released.",
  toFind: "Go to Find the wires",
  skipBack: "Previous step",
  skipOn: "Next step",
  left: "Left-handed: buttons on the left",
  mountFirst: "Mount before wiring",
  fixLast: "Dry fit now; tape and screw after the test",
  screwsOut: "Screws taken out",
  screwsIn: "Screws put back",
  screwsCount: (name: string): string => `${name}: one more`,
  mountAsk: "Dry fit first, then answer",
  orientation: "Mounted how",
  orientations: {
    "": "not answered",
    upright: "upright",
    "leads-down": "leads down",
    sideways: "sideways",
    "upside-down": "upside down",
    flat: "flat on its back",
  },
  fastening: "Fixed by",
  fastenings: { tape: "tape", screws: "screws", both: "tape and screws" },
  surface: "Surface",
  surfaces: { "clean-metal": "cleaned metal", painted: "sound paint", plastic: "plastic", foam: "foam", dirty: "dirty or wet" },
  second: "A second restraint, where it could fall into the fan",
  roofHot: "Hottest the place gets",
  checks: {
    fan: "Clear of the fan’s sweep",
    shaft: "Shaft turned by hand: nothing touches",
    air: "Air path free",
    tubing: "Not touching tubing: it vibrates",
    lid: "Lid and shroud close",
    edge: "No lead over a sharp edge; grommet or strain relief in every hole",
    water: "No water gets in: holes at the side, putty kept",
  } satisfies Readonly<Record<MountingCheck, string>>,
  mountAnswer: (against: number, open: readonly MountingOpen[]): readonly Span[] => {
    if (against > 0)
      return [
        { text: "Not here. " },
        { text: against === 1 ? "See the reason below." : `See the ${against} reasons below.`, decides: true },
      ];
    const [next] = open;
    return next === undefined
      ? [{ text: "Go. " }, { text: "This place is good for the starter.", decides: true }]
      : [{ text: `${open.length === 1 ? "1 check" : `${open.length} checks`} left. Next: ` }, { text: MOUNT_NEXT[next], decides: true }];
  },
  reasons: {
    "upside-down": () => "Do not mount it upside down: water runs in along the leads.",
    "screw-too-long": (measure) =>
      `The screw is too long: ${figureText("screwM", measure, screwSpareM.value)} must stay free behind its tip.`,
    "surface-not-for-tape": () => "Tape does not hold on this surface.",
    "too-hot-for-tape": (measure) => `Tape fails above ${figureText("hottestC", measure, tapeMostC.value)}; follow its sheet.`,
    "lead-too-short": (measure) => `The leads are too short for this route, with ${figureText("leadM", measure, slackM.value)} to spare.`,
  } satisfies Readonly<Record<MountingReason, (measure: Measure) => string>>,
  source: "Follow the starter’s sheet.",
  power: {
    joints: "Every joint compared with the plan, twice",
    cover: "The compressor’s terminal cover is back on",
    clear: "Nobody near fan or terminals; lid on where it fits",
    fan: "The fan runs first",
    compressor: "The compressor starts within five minutes: that start delay is normal",
    lamp: "Lamp or code as in its sheet",
    quiet: "No hum without turning, no smell, no smoke",
  } satisfies Readonly<Record<PowerCheck, string>>,
  powerBefore: "Before power",
  powerAfter: "What to expect",
  isOn: "Power is on. The work is locked.",
  powerOn: "Power is on: lock the work",
  powerStop: "Stop when",
  powerStops: [
    "It hums and does not turn: switch off within two seconds.",
    "The breaker or the generator trips: leave it off and find out why.",
    "Smoke, smell or sparks: switch off at the source.",
    "No start after its start delay: switch off, then read lamp and code.",
  ],
  notConfirmed: (left: number): readonly Span[] => [
    { text: left === 1 ? "Not yet: 1 wire is not confirmed. " : `Not yet: ${left} wires are not confirmed. ` },
    { text: "Open Check.", decides: true },
  ],
  notMounted: [
    { text: "Not here: something speaks against the place. " },
    { text: "Mount it elsewhere, or give a reason.", decides: true },
  ] satisfies readonly Span[],
  toMount: "Go to Mount",
  mountReason: "Reason to mount it here all the same",
  wrong: [{ text: "Not yet: the wiring as entered is wrong. " }, { text: "Open Check.", decides: true }] satisfies readonly Span[],
  before: [{ text: "Compare each joint with the plan. " }, { text: "Cover on, everyone clear.", decides: true }] satisfies readonly Span[],
  expect: [
    { text: "The fan runs first, then it is quiet, " },
    { text: "then the compressor starts.", decides: true },
  ] satisfies readonly Span[],
  went: [{ text: "It ran as expected. " }, { text: "Close it up, then the learning runs.", decides: true }] satisfies readonly Span[],
  strong: "Learn on a strong source, not on the small generator. Eco mode off.",
  closing: {
    fixed: "Fixed: tape, screws and second restraint",
    putty: "Putty back in every hole",
    grommet: "Grommet or strain relief on every wire",
    sealant: "Roof sealant where screws came out",
    lid: "Lid closed, no wire under its edge",
    tools: "Every tool and rag accounted for",
  } satisfies Readonly<Record<ClosingCheck, string>>,
  closed: [{ text: "Closed, every screw is back. " }, { text: "Go on to Learn.", decides: true }] satisfies readonly Span[],
  screwsMissing: (n: number): readonly Span[] => [
    { text: "Not closed yet: " },
    { text: n > 0 ? `${n} screws are missing.` : `${-n} screws too many.`, decides: true },
  ],
  closeOpen: (n: number): readonly Span[] => [
    { text: "Not closed yet: " },
    { text: n === 1 ? "one thing left." : `${n} things left.`, decides: true },
  ],
  toLearn: "Go on to Learn",
} as const;
