import type { FigureName } from "@amp-saver/core/figure";
import { formatAmps, formatNumber, formatPercent } from "@amp-saver/core/quantity";
import { isHighVolts } from "@amp-saver/core/reference";
import type { PlateDoubt } from "@amp-saver/core/study/plate";
import { nameProblem, TEXT_MOST } from "@amp-saver/records";
import { COMMON } from "./common.ts";

export const FIGURE_WORDS: Readonly<Record<FigureName, { readonly label: string; readonly help?: string }>> = {
  plateVolts: { label: "Volts" },
  lockedRotorA: { label: "Locked rotor amps", help: "LRA, the compressor’s" },
  ratedLoadA: { label: "Rated load amps", help: "RLA, the compressor’s" },
  runningA: { label: "Running amps at 95 °F", help: "on compressor common, fan apart" },
  fanA: { label: "Fan amps", help: "FLA, the fan’s" },
  runCapacitorF: { label: "Run capacitor", help: "the larger figure on a dual one" },
  startAidF: { label: "Start capacitor", help: "of the start aid" },
  coolingW: { label: "Cooling", help: "the size; enough for a first answer" },
  maxBreakerA: { label: "Largest breaker the plate allows" },
  sourceVolts: { label: "Volts" },
  breakerA: { label: "Breaker" },
  sourceOhm: { label: "Wiring and cord", help: "both conductors" },
  runningW: { label: "Running watts" },
  surgeW: { label: "Surge watts" },
  surgeS: { label: "Surge lasts" },
  circuitA: { label: "Minimum circuit ampacity", help: "MCA, as the plate says" },
  windingOhm: { label: "Winding" },
  cordM: { label: "Length" },
  bankVolts: { label: "Battery volts", help: "at rest, nothing drawn" },
  bankOhm: { label: "Bank and cables", help: "inner resistance" },
  efficiency: { label: "Efficiency" },
  shoreLimitA: { label: "Adds to a shore limit of", help: "empty where it does not add" },
  enduranceW: { label: "Watts" },
  enduranceS: { label: "Seconds" },
  loadA: { label: "Running amps", help: "on each leg it is on" },
  loadW: { label: "Running watts" },
  loadStartA: { label: "Amps while it starts" },
  chargeA: { label: "Charging current", help: "DC amps, turned down where it must be" },
  bmsA: { label: "BMS amps" },
  bankAh: { label: "Bank holds" },
  depth: { label: "Share of it to be used" },
  tankL: { label: "Fuel in the tank" },
  tons: { label: "Tons" },
  usd: { label: "Price" },
  smallUsd: { label: "Price" },
  taxPercent: { label: "Tax" },
  workMin: { label: "Minutes" },
  hottestC: { label: "Hottest day" },
  altitudeM: { label: "Highest stop" },
  otherLoadsA: { label: "Other loads on" },
  limitA: { label: "Starter’s limit" },
  readingA: { label: "Amps" },
  readingVolts: { label: "Volts at the unit" },
  restMin: { label: "Rest before" },
};

/** What is wrong with a figure that was typed: names the field and its limits. */
export const figureError = (label: string, limits: string): string => `${label} must be a number from ${limits}.`;

export const SURVEY = {
  question: "What must start, and on what?",
  missingBoth: [{ text: "Two things are missing: " }, { text: "the plate’s amps and a source.", decides: true }],
  missingPlate: [{ text: "Copy the plate: " }, { text: "locked rotor amps first.", decides: true }],
  missingSource: [{ text: "Say what feeds it: " }, { text: "a hook-up, a generator or an inverter.", decides: true }],
  missingWatts: [{ text: "The source’s watts are missing: " }, { text: "running or surge.", decides: true }],
  enough: (read: number, typical: number) => [
    { text: `That is enough for an answer: ${read} figures read, ` },
    { text: `${typical} taken as typical.` },
  ],
  sure: "The mark beside a figure says where it comes from. Nothing needs saving.",
  goCheck: "See the answer",
  unit: "Air conditioner",
  unitName: "What you call it",
  rig: "Rig",
  rigName: "Name",
  note: "Note",
  place: "Where",
  places: { rv: "RV", house: "House" },
  more: "More, if the plate has it",
  model: "Model, as printed",
  hertz: "Volts and frequency on the plate",
  startAid: "Start aid as found",
  startAids: {
    none: "none",
    ptc: "start capacitor with PTC",
    relay: "start capacitor with relay",
    kit: "hard start kit",
    unknown: "not known",
  },
  drive: "Compressor",
  drives: { "single-speed": "single speed", "two-stage": "two stages", "variable-speed": "variable speed", "three-phase": "three phases" },
  seenToStart: "Seen to start as it is",
  seenHelp: "Untick it for a unit nobody has seen start",
  valveHolds: "Expansion valve does not bleed",
  valveHelp: "pressures then equal out in minutes, not seconds",
  plugIn: "Plugged into an outlet",
  plugInHelp: "rules for plug-in units then apply",
  lowestVolts: "Lowest volts on the plate",
  printedCapacitor: "Run capacitor, as printed",
  same: "same",
  circuit: "Its own breaker and wire, as found",
  wire: "Wire",
  notRead: "not read",
  mainOhm: "Winding, common to run",
  startOhm: "Winding, common to start",
  takeCooling: (btuH: string): string => `The model’s digits often mean ${formatNumber(Number(btuH), 0)} BTU/h: take it as typical`,
  plateDoubt: (amps: number, { code, ratio, meantA }: PlateDoubt): string => {
    const than = { "over-rated": "rated load amps", "under-rated": "rated load amps", "off-size": "what is usual for this cooling" }[code];
    const asked = meantA === null ? "Read the plate again." : `${formatAmps(meantA)} or ${formatAmps(amps)}? Read the plate again.`;
    return `Locked rotor amps are ${formatNumber(ratio, 1)} times ${than}. ${asked}`;
  },
  capacitorOff: (off: number, band: number): string =>
    Math.abs(off) > band
      ? `The run capacitor is ${formatPercent(Math.abs(off))} ${off < 0 ? "under" : "over"} what is printed; the usual band is ± ${formatPercent(band)}. Look at its own band, and replace it before anything else is bought.`
      : `The run capacitor is within ± ${formatPercent(band)} of what is printed.`,
  unitLeg: "Leg it hangs on",
  unitPriority: "When there is not enough",
  hotLegs: "Hot legs that reach the rig",
  legCounts: { "1": "one", "2": "two" },
  twoLegs:
    "Two legs share one neutral: where it is open, volts wander between them as loads come on. Measure both legs to neutral before anything is switched on.",
  gear: "In between",
  sources: "Sources",
  addShore: "Add a hook-up",
  addGenerator: "Add a generator",
  addInverter: "Add a battery inverter",
  inverterName: "Battery inverter",
  cutOff: "Low-voltage cut-off",
  shoreName: (volts: number): string => (isHighVolts(volts) ? "House circuit" : "Hook-up"),
  generatorName: "Generator",
  generatorKind: "Kind",
  generatorKinds: { "inverter-generator": "with inverter", generator: "conventional" },
  sourceName: "What you call it",
  noSource: "Nothing feeds it yet.",
  deleteSource: (name: string): string => `Delete ${name}`,
  whereFrom: (label: string): string => `Where ${label} comes from`,
  assumed: "typical",
  plateCaution: "Before the cover comes off",
  plateCautionText:
    "Reading the plate on the outside needs no tool. Behind the cover there are mains volts and capacitors that hold charge after the power is off: every source off and locked, proven dead, capacitors bled and measured on the DC range before a hand goes in.",
  shoreHelp: "Ohm of wiring and cord may stay empty: 0.2 ohm is taken.",
  generatorHelp: "One of the two watts is enough. Surge is what it gives for some seconds.",
} as const;

/** What is said of breaker and wire; raising either is never a remedy. */
export const CIRCUIT_WORDS = {
  severity: { warn: "Watch.", note: "Note." },
  issues: {
    "breaker-over-plate": (f) =>
      `The breaker is ${f("breakerA")} A, and the plate allows ${f("plateA")} A at most. A smaller one belongs there; have it looked at by someone licensed.`,
    "breaker-over-motor-share": (f) =>
      `The breaker is ${f("breakerA")} A; without a word on the plate ${f("mostA")} A is the most, 225 % of the compressor and the fan.`,
    "breaker-under-ampacity": (f) =>
      `The breaker is ${f("breakerA")} A and the circuit needs ${f("neededA")} A: it may trip in running. Look at plate and wire before anything; a larger breaker is no remedy.`,
    "wire-under-ampacity": (f) =>
      `The wire carries ${f("wireA")} A (${f("awg")} AWG, 60 °C terminals), and the circuit needs ${f("neededA")} A. Have it looked at by someone licensed.`,
  } satisfies Readonly<Record<string, (f: (name: string) => string) => string>>,
  source: (source: string): string => `Source: ${source}`,
} as const;

/** What is wrong with a name, in words; null where it is good. */
export function nameError(label: string, text: string): string | null {
  const problem = nameProblem(text);
  if (problem === null) return null;
  return COMMON[problem === "unseen" ? "nameUnseen" : "tooLong"](label, TEXT_MOST.name);
}
