import type { Measure } from "@amp-saver/core/figure";
import type { SpliceName } from "@amp-saver/core/reference";
import type { Crimp } from "@amp-saver/core/study/wire-ends";
import type { FaultCode, Symptom } from "@amp-saver/core/study/wiring-check";
import type { BlockReason, PlanStep } from "@amp-saver/core/study/wiring-plan";
import type { Span } from "./answer.ts";
import { pullForce, STRIP, wireSize, wireSizes } from "./wire-size.ts";
import { lower, type WiringNames } from "./wiring.ts";

const count = (n: number, one: string, many: string): string => (n === 0 ? `no ${many}` : n === 1 ? `one ${one}` : `${n} ${many}`);

/** Things named one by one; more are counted. */
const MOST_NAMED = 3;

export const PLAN = {
  question: (unit: string): string => `How does the starter go into ${unit}?`,
  answer: (leads: number, moved: number, cuts: number): readonly Span[] => [
    { text: `${leads} leads, ${count(moved, "wire to move", "wires to move")}, ` },
    { text: cuts === 0 ? "nothing cut." : `${count(cuts, "cut", "cuts")}.`, decides: cuts > 0 },
  ],
  sure: (retired: readonly string[], removed: boolean, released: boolean): string =>
    [
      retired.length === 0
        ? ""
        : removed
          ? `${retired.join(" and ")} ${retired.length === 1 ? "comes" : "come"} out and ${retired.length === 1 ? "is" : "are"} kept to undo the install.`
          : `${retired.join(" and ")} ${retired.length === 1 ? "stays" : "stay"} bolted in, ends capped and labeled.`,
      released ? "Every wire to be opened is proven." : "Not yet proven: go to Find the wires.",
    ]
      .filter((s) => s !== "")
      .join(" "),
  blocked: {
    "starter-present": "A starter is already in this circuit.",
    "ohms-contradict": "The ohms put a wire on another compressor terminal than the circuit as found.",
    "no-compressor": "There is no compressor in this circuit.",
    "several-compressors": "There is more than one compressor in this circuit.",
    "no-run-conductor": "No wire goes to compressor R.",
    "no-start-conductor": "No wire goes to compressor S.",
    "no-common-conductor": "No wire goes to compressor C.",
    "pins-joined": "Two compressor terminals are connected.",
    "no-run-capacitor": "There is no run capacitor.",
    "capacitor-not-understood": "No run capacitor has cap C with compressor R and cap HERM with compressor S.",
    "aid-not-isolated": "Something other than the compressor is on the start aid.",
    "no-contactor": "A module with a LINE terminal needs a contactor, and this unit has none.",
    "no-contactor-link": "No wire goes straight from the contactor to the run cap.",
    "link-not-understood": "The contactor feeds the run cap in more ways than one.",
  } satisfies Readonly<Record<BlockReason, string>>,
  blockedSentence: (reason: string): readonly Span[] => [{ text: `${reason} ` }, { text: "No plan is guessed.", decides: true }],
  blockedHelp: "Correct the circuit as found, or use a starter of another family.",
  family: "Starter family",
  families: { F4: "4-lead: breaks run, senses common", F5: "5-lead: breaks run and common", FM: "Module: between contactor and run cap" },
  ways: "Options",
  runLabel: "Run wire",
  run: { unplug: "Unplug", cut: "Cut" },
  commonLabel: "Break common",
  common: { unplug: "at a push-on", cut: "by a cut", pin: "at compressor C" },
  tapLabel: "Sense common",
  tap: { terminal: "at a terminal", splice: "by a three-way splice" },
  aidLabel: "Start aid",
  aid: { cap: "Leave in, capped", remove: "Take out" },
  jumperLabel: "Lead to common is too short",
  jointLabel: "Joints",
  jointUsual: "Easiest undone",
  jointTakes: (n: number): string => `It does not take ${n === 1 ? "one joint" : `${n} joints`} of this plan; the usual is used there.`,
  lidLow: "The lid nearly touches the tabs",
  steps: "Steps",
  next: "Next step",
  before: "Previous step",
  stepOf: (k: number, n: number): string => `Step ${k} of ${n}`,
  crimps: "Crimp on the ground",
  crimpHelp: (measure: Measure): string =>
    `${wireSize(16, measure)} leads do not fill terminals made for ${wireSizes(12, 10, measure)}. Strip ${STRIP[measure]} unless the terminal’s sheet says something else. Tug each.`,
  spliceNames: {
    "blade pair": "male spade into the wire’s own push-on",
    lever: "lever connector",
    butt: "butt crimp",
    "closed end": "closed-end crimp",
    "solder and shrink": "solder and shrink",
  } satisfies Readonly<Record<SpliceName, string>>,
  has: (what: string): string => `has ${what}`,
  onIt: { bare: "bare end", cut: "cut end" },
  cutOff: "cut that end off",
  meets: {
    "male-tab": "goes onto a male tab",
    "taken-tab": "goes onto a tab already taken",
    screw: "goes under a screw",
    pin: "goes onto a compressor terminal",
    "starter-terminal": "goes into the starter’s terminal",
    "push-on": "goes into a female push-on",
    blade: "takes a male spade",
    wires: "is joined with other wires",
  },
  buy: (what: string): string => `buy ${what}`,
  keeps: (what: string): string => `keeps its ${what}`,
  gender: { female: "female", male: "male", both: "female with a male tab" },
  made: { "on the ground": "on the ground", "after it has passed": "after it is pulled through", "comes so": "factory end" },
  pull: (newton: number, measure: Measure): string => `holds ${pullForce(newton, measure)}`,
  pullSource: "Pull: UL 486A, from memory. Colors: DIN 46245, from memory.",
  kit: "Kit and spares",
  kitQuestion: (unit: string): string => `What do you take up to ${unit}?`,
  kitAnswer: (pieces: number, spares: number): readonly Span[] => [
    { text: `${pieces} terminals and splices`, decides: true },
    { text: `, and ${spares} spare. Crimp what you can on the ground.` },
  ],
  kitLine: (what: string, needed: number, spare: number): string => `${needed} × ${what}, ${spare} spare`,
  extras: {
    jumper: (jumper: string): string => `${jumper} wire for each jumper to common, long enough to follow the factory loom`,
    pigtail: (): string => "short pigtail with a flag on the board tab, spliced to the lead: a piggyback would be too high",
  },
  splices: "Splices compared",
  spliceRow: (name: string, sizes: string, most: number, heat: string, vibration: string, reversible: boolean): string =>
    `${name}: ${sizes}, up to ${most} wires, to ${heat}, vibration ${vibration}, ${reversible ? "can be undone" : "permanent"}`,
  unproved: "Prove it first: go to Find the wires.",
  tools: "Tools",
  toolList: {
    crimper: "crimper and stripper",
    drivers: "nut drivers 5/16 and 3/8 in, screwdrivers",
    pliers: "needle-nose pliers, side cutters",
    meters: "clamp meter with inrush mode, multimeter with DC and low-impedance ranges",
    bleeder: "two 10,000 ohm 5 W resistors in series on insulated leads",
    camera: "camera, flashlight, bucket and rope",
    lock: "padlock and tag for each source",
  },
  consumables: "Consumables",
  consumableList: {
    tape: "alcohol wipe, mounting tape",
    ties: "ties and stick-on mounts, loom",
    grommet: "grommet or strain relief",
    caps: "end caps, labels, insulating tape",
    putty: "sealing putty",
  },
  packed: (missing: readonly string[]): string =>
    missing.length === 0
      ? "Everything is packed."
      : missing.length > MOST_NAMED
        ? `${missing.length} things are not packed yet.`
        : `Not packed yet: ${missing.join("; ")}.`,
  packEverything: "Everything on this list is packed",
  packAll: (list: string): string => `${list}: all packed`,
  restore: "Undo the install",
  undoHere: "Undo it step by step",
  restoreHelp: "Every step undone in reverse order. Keep it in the unit.",
  alsoHerm: "also marked CP or H",
  notPin: "Not compressor C, the round mark.",
  notCan: "Not cap C, the square mark.",
  notCoil: "Not the small low-voltage screws of the coil.",
  noSpliceUnderCover: "No splice under the compressor’s terminal cover.",
  fileName: "wiring-plan",
} as const;

/** One group of steps as a sentence: its main step, and the wires that meet in its joint. */
export function stepSentence(
  main: PlanStep,
  members: readonly string[],
  joint: SpliceName | null,
  crimp: Crimp | null,
  names: WiringNames,
): string {
  const wire = main.conductor === null ? "" : names.wire(main.conductor);
  const at = main.at === null ? "" : names.terminal(main.at);
  switch (main.do) {
    case "photo":
      return PHOTO_STEPS[main.why] ?? "Photograph the finished work.";
    case "lift":
      return `Lift ${wire} off ${at}.`;
    case "land":
      return `Put ${wire} onto ${at}${main.why === "start-on-herm" && at.endsWith("HERM") ? `, ${PLAN.alsoHerm}` : ""}${crimp === null ? "" : `: ${names.crimps[crimp]}`}.`;
    case "move":
      return `Move ${wire} from ${at} to ${main.with === null ? "" : names.terminal(main.with)}.`;
    case "cut":
      return `Cut ${wire} near ${at}.`;
    case "splice":
      return `Join ${members.map(names.wire).join(" with ")}${joint === null ? "" : `: ${PLAN.spliceNames[joint]}`}.`;
    case "retire":
      if (main.why === "aid-removed")
        return `Unbolt the ${main.with === null ? "" : lower(names.part(main.with).name)} and take it out. Keep it, labeled, to undo the install.`;
      return `Leave the ${main.with === null ? "" : lower(names.part(main.with).name)} out of the circuit: cap and label both ends.`;
    case "fit":
      return main.why === "aid-back"
        ? `Put the ${main.with === null ? "" : lower(names.part(main.with).name)} back in.`
        : main.why === "jumper-run"
          ? `Run the ${main.with === null ? "" : names.wire(main.with)} from the far end along the factory loom. Leave slack at both ends.`
          : "Dry fit the starter: clear of fan and tubing, lid closes. Then feed its leads.";
    case "insulate":
      return `Insulate ${wire === "" ? at : wire}.`;
    case "tug":
      return `Tug ${wire} at ${at}.`;
  }
}

/** What is photographed, by when. */
const PHOTO_STEPS: Readonly<Record<string, string>> = {
  "as-found": "Photograph the box, both sides, before anything moves.",
  "undo-begins": "Photograph the box, both sides, before you undo anything.",
  "undo-done": "Photograph the box as it is now: wired as it was found.",
};

export const BUILT = {
  question: "Is it wired right?",
  state: "As built",
  right: [{ text: "Yes. As entered the wiring is right: " }, { text: "no fault found.", decides: true }],
  wrong: (fault: string, symptom: string): readonly Span[] => [{ text: `Not yet: ${fault} ` }, { text: symptom, decides: true }],
  unconfirmed: (wires: number): readonly Span[] => [
    { text: "Not known yet: " },
    { text: wires === 1 ? "1 wire is not confirmed." : `${wires} wires are not confirmed.`, decides: true },
  ],
  otherwise: (note: string): readonly Span[] => [
    { text: `A step was done differently: ${note}. ` },
    { text: "Enter how it is wired.", decides: true },
  ],
  confirm: "Not confirmed",
  confirmHelp: "A ticked step confirms its wires. Tick here only what you have seen on its terminals.",
  seen: (wire: string, ends: string): string => `${wire}: seen on ${ends}`,
  differs: [{ text: "No fault found, " }, { text: "but it is not what was planned.", decides: true }],
  sure: "The check sees what is entered here, not the unit. Compare each wire with the unit, twice.",
  sameAsPlan: "As planned",
  help: "Pick a wire on the map and put its ends where they really are.",
  reset: "Reset to the plan",
  faults: "Found",
  differences: "Different from the plan",
  ends: (from: string, to: string): string => `${from} to ${to}`,
  fault: {
    "run-not-isolated": "compressor R touches more than its starter lead.",
    "feed-run-crossed": "FEED and RUN-OUT are crossed.",
    "start-not-on-herm": "START or compressor S is not on cap HERM.",
    "start-run-swapped": "START and RUN-OUT are swapped.",
    "ref-wrong-side": "the lead that senses common is on the wrong side.",
    "ref-on-coil": "the lead that senses common is on the low-voltage coil.",
    "common-not-opened": "compressor C touches more than COM-OUT.",
    "common-crossed": "COM-FEED and COM-OUT are crossed.",
    "aid-left-in": "a start aid is still in the circuit.",
    orphan: "a wire or a part has lost its connection.",
    "second-herm-wire": "a second wire is on cap HERM.",
    "lead-unconnected": "a lead of the starter goes nowhere.",
    "lead-misplaced": "a lead is where it does not belong.",
    "winding-swapped": "two compressor terminals are swapped.",
    "contactor-link-left": "the contactor still feeds the run cap past the module.",
    "contact-bypassed": "a contact is bypassed.",
    "mains-on-coil": "line voltage is on the low-voltage side.",
    "fan-unfed": "the fan has no feed or no capacitor.",
    "ground-open": "an equipment ground is lost.",
    "supply-shorted": "two sides of the supply are shorted.",
  } satisfies Readonly<Record<FaultCode, string>>,
  symptom: {
    "hums-and-trips": "It would hum and trip.",
    "no-start": "It would not start.",
    "starts-at-full-current": "It would start at full current.",
    "starter-destroyed": "It can destroy the starter.",
    "compressor-destroyed": "It can destroy the compressor.",
    "coil-live": "The low-voltage side would be live.",
    "fan-dead": "The fan would not run.",
    "live-end": "An end would stay live.",
    "runs-without-call": "It would run without a call.",
    "case-can-be-live": "The case can become live.",
    "short-circuit": "A short circuit the moment it is powered.",
  } satisfies Readonly<Record<Symptom, string>>,
} as const;
