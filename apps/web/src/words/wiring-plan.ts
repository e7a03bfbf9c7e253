import type { SpliceName } from "@amp-saver/core/reference";
import type { Crimp } from "@amp-saver/core/study/wire-ends";
import type { FaultCode, Symptom } from "@amp-saver/core/study/wiring-check";
import type { BlockReason, PlanStep } from "@amp-saver/core/study/wiring-plan";
import type { Span } from "./answer.ts";
import { lower, type WiringNames } from "./wiring.ts";

const count = (n: number, one: string, many: string): string => (n === 0 ? `no ${many}` : n === 1 ? `one ${one}` : `${n} ${many}`);

export const PLAN = {
  question: (unit: string): string => `How does the starter go into ${unit}?`,
  answer: (leads: number, moved: number, cuts: number): readonly Span[] => [
    { text: `${leads} leads, ${count(moved, "wire to move", "wires to move")}, ` },
    { text: cuts === 0 ? "nothing cut." : `${count(cuts, "cut", "cuts")}.`, decides: cuts > 0 },
  ],
  sure: (retired: readonly string[], released: boolean): string =>
    [
      retired.length === 0
        ? ""
        : `${retired.join(" and ")} ${retired.length === 1 ? "stays" : "stay"} bolted in, ends capped and labelled.`,
      released ? "Every conductor to be opened is proved." : "Not yet proved: see Find the wires.",
    ]
      .filter((s) => s !== "")
      .join(" "),
  blocked: {
    "starter-present": "There is a starter in it already.",
    "no-compressor": "There is no compressor in this circuit.",
    "several-compressors": "There is more than one compressor in this circuit.",
    "no-run-conductor": "No conductor leads away from compressor R.",
    "no-start-conductor": "No conductor leads away from compressor S.",
    "no-common-conductor": "No conductor leads away from compressor C.",
    "pins-joined": "Two compressor pins are on one net.",
    "no-run-capacitor": "There is no run capacitor.",
    "capacitor-not-understood": "No run capacitor has can C with compressor R and can HERM with compressor S.",
    "aid-not-isolated": "Something other than the compressor lives on the start aid.",
    "no-contactor": "A module with a LINE terminal needs a contactor, and this unit has none.",
    "no-contactor-link": "Nothing leads straight from the contactor to the can.",
    "link-not-understood": "The contactor feeds the can by more ways than one.",
  } satisfies Readonly<Record<BlockReason, string>>,
  blockedSentence: (reason: string): readonly Span[] => [{ text: `${reason} ` }, { text: "No plan is guessed.", decides: true }],
  blockedHelp: "Correct the circuit as found, or take a starter of another family.",
  family: "Starter family",
  families: { F4: "F4: run opened, common read", F5: "F5: run and common opened", FM: "FM: module with LINE and CAP" },
  ways: "Ways",
  runLabel: "Run conductor",
  run: { unplug: "Unplug", cut: "Cut" },
  commonLabel: "Common is opened",
  common: { unplug: "where it is plugged", cut: "by a cut", pin: "at the pin" },
  tapLabel: "Common is read",
  tap: { terminal: "at a terminal", splice: "by a joint of three" },
  lidLow: "The lid nearly touches the tabs",
  steps: "Steps",
  next: "Next step",
  before: "Step before",
  stepOf: (k: number, n: number): string => `Step ${k} of ${n}`,
  crimps: "Crimp on the ground",
  crimpHelp: "16 AWG leads do not fill terminals made for 12–10 AWG. Strip ½ in unless the terminal’s sheet says otherwise. Tug each.",
  crimpNames: {
    tab: "¼ in straight",
    flag: "¼ in flag",
    piggyback: "¼ in piggyback",
    ring: "ring for the screw",
    blade: "¼ in blade, insulated",
    "as the starter’s sheet says": "as the starter’s sheet says",
  } satisfies Readonly<Record<Crimp, string>>,
  spliceNames: {
    "blade pair": "blade into the wire’s own tab",
    lever: "lever joint",
    butt: "butt crimp",
    "closed end": "closed-end crimp",
    "solder and shrink": "solder and shrink",
  } satisfies Readonly<Record<SpliceName, string>>,
  made: { "on the ground": "on the ground", "after it has passed": "bare until it has passed", "comes so": "comes so" },
  pull: (newton: number, pounds: number): string => `holds ${newton} N (${pounds} lb)`,
  pullSource: "Pull: UL 486A, from memory. Colours: DIN 46245, from memory.",
  kit: "Kit and spares",
  kitQuestion: (unit: string): string => `What do you take up to ${unit}?`,
  kitAnswer: (pieces: number, spares: number): readonly Span[] => [
    { text: `${pieces} terminals and splices`, decides: true },
    { text: `, and ${spares} spare. Crimp what you can on the ground.` },
  ],
  kitLine: (what: string, needed: number, spare: number): string => `${needed} × ${what}, ${spare} spare`,
  extras: {
    jumper: "14 AWG jumper from the far box along the factory loom to the starter, a joint at the lead and an end at the terminal",
    pigtail: "short pigtail with a flag in the board tab’s place, joined with the lead: a piggyback would stand too high",
  },
  splices: "Joints compared",
  spliceHelp: "Common practice, no source.",
  spliceRow: (
    name: string,
    thinnest: number,
    thickest: number,
    most: number,
    heatC: number,
    vibration: string,
    reversible: boolean,
  ): string =>
    `${name}: ${thinnest}–${thickest} AWG, up to ${most} wires, to ${heatC} °C, vibration ${vibration}, ${reversible ? "can be undone" : "stays"}`,
  unproved: "Proof first: see Find the wires.",
  tools: "Tools",
  toolList: [
    "crimper and stripper",
    "nut drivers 5/16 and 3/8 in, screwdrivers",
    "needle-nose pliers, side cutters",
    "clamp meter with inrush mode, multimeter with DC and low-impedance ranges",
    "two 10,000 ohm 5 W resistors in series on insulated leads",
    "camera, torch, bucket and rope",
  ],
  consumables: "Consumables",
  consumableList: [
    "alcohol wipe, mounting tape",
    "ties and stick-on mounts, loom",
    "grommet or strain relief",
    "end caps, labels, insulating tape",
    "sealing putty kept from the hole",
  ],
  restore: "Way back to as found",
  restoreHelp: "Every step undone in reverse order; keep it in the unit.",
  notPin: "Not compressor C, the round pin.",
  notCan: "Not can C, the square tag.",
  notCoil: "Not the small low-voltage screws of the coil.",
  noSpliceUnderCover: "No joint under the compressor’s terminal cover.",
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
      return main.why === "as-found" ? "Photograph the box, both sides, before anything moves." : "Photograph the finished work.";
    case "lift":
      return `Lift ${wire} off ${at}.`;
    case "land":
      return `Put ${wire} onto ${at}${crimp === null ? "" : `: ${PLAN.crimpNames[crimp]}`}.`;
    case "move":
      return `Move ${wire} from ${at} to ${main.with === null ? "" : names.terminal(main.with)}.`;
    case "cut":
      return `Cut ${wire} near ${at}.`;
    case "splice":
      return `Join ${members.map(names.wire).join(" with ")}${joint === null ? "" : `: ${PLAN.spliceNames[joint]}`}.`;
    case "retire":
      return `Leave the ${main.with === null ? "" : lower(names.part(main.with).name)} out of the circuit: both ends capped and labelled.`;
    case "fit":
      return main.why === "aid-back"
        ? `Put the ${main.with === null ? "" : lower(names.part(main.with).name)} back in.`
        : "Dry fit the starter: upright, clear of fan and tubing, lid closes. Then feed its leads.";
    case "insulate":
      return `Insulate ${wire === "" ? at : wire}.`;
    case "tug":
      return `Tug ${wire} at ${at}.`;
  }
}

export const BUILT = {
  question: "Is it wired right?",
  state: "As built",
  right: [{ text: "As built it is what the family asks for: " }, { text: "nothing found wrong.", decides: true }],
  wrong: (fault: string, symptom: string): readonly Span[] => [{ text: `Not yet: ${fault} ` }, { text: symptom, decides: true }],
  differs: [{ text: "No fault found, " }, { text: "but it is not what was planned.", decides: true }],
  sure: "The check sees the wiring that is entered here, not the unit: compare each wire with the unit, twice.",
  sameAsPlan: "Taken as planned",
  help: "Pick a wire on the map and put its ends where they really are.",
  reset: "Take it as planned again",
  faults: "Found",
  differences: "Different from the plan",
  ends: (from: string, to: string): string => `${from} to ${to}`,
  fault: {
    "run-not-isolated": "compressor R touches more than its starter lead.",
    "feed-run-crossed": "FEED and RUN-OUT are crossed.",
    "start-not-on-herm": "START or compressor S is not on can HERM.",
    "start-run-swapped": "START and RUN-OUT are taken for each other.",
    "ref-wrong-side": "the lead that reads common is on the wrong side.",
    "ref-on-coil": "the lead that reads common is on the low-voltage coil.",
    "common-not-opened": "compressor C touches more than COM-OUT.",
    "common-crossed": "COM-FEED and COM-OUT are crossed.",
    "aid-left-in": "a start aid is still in the circuit.",
    orphan: "a wire or a part has lost its connection.",
    "second-herm-wire": "a second wire is on can HERM.",
    "lead-unconnected": "a lead of the starter goes nowhere.",
    "lead-misplaced": "a lead is where it does not belong.",
    "winding-swapped": "two compressor pins are taken for each other.",
    "contactor-link-left": "the contactor still feeds the can past the module.",
    "contact-bypassed": "a contact is led around.",
    "mains-on-coil": "mains is on the low-voltage side.",
    "fan-unfed": "the fan lacks a feed or its capacitor.",
    "ground-open": "an equipment ground is lost.",
    "supply-shorted": "two sides of the supply meet.",
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
  source: "Common practice, no source.",
} as const;
