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
  runningA: { label: "Running amps, hot day", help: "on compressor common, without the fan" },
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
  screwM: { label: "Screw length" },
  gapM: { label: "Free space behind the sheet", help: "leave empty if nobody looked" },
  leadM: { label: "Shortest lead" },
  routeM: { label: "Length of the route" },
  bankVolts: { label: "Battery volts", help: "at rest, nothing drawn" },
  bankOhm: { label: "Bank and cables", help: "inner resistance" },
  efficiency: { label: "Efficiency" },
  shoreLimitA: { label: "Adds to shore power up to", help: "leave empty if it does not" },
  enduranceW: { label: "Watts" },
  enduranceS: { label: "Seconds" },
  loadA: { label: "Running amps", help: "on each leg it is on" },
  loadW: { label: "Running watts" },
  loadStartA: { label: "Amps while it starts" },
  chargeA: { label: "Charging current", help: "DC amps, set lower if needed" },
  bmsA: { label: "BMS amps" },
  bankAh: { label: "Bank capacity" },
  depth: { label: "Usable share" },
  tankL: { label: "Fuel in the tank" },
  tons: { label: "Cooling" },
  weightKg: { label: "Weight" },
  usd: { label: "Price" },
  smallUsd: { label: "Price" },
  taxPercent: { label: "Tax" },
  workMin: { label: "Minutes" },
  hottestC: { label: "Hottest day" },
  coolestC: { label: "Coolest hour" },
  outdoorC: { label: "Outdoor temp" },
  roofC: { label: "Hottest the place gets" },
  windingC: { label: "Windings at" },
  altitudeM: { label: "Highest campsite" },
  otherLoadsA: { label: "Other loads on" },
  limitA: { label: "Starter’s limit" },
  readingA: { label: "Amps" },
  readingVolts: { label: "Volts at the unit" },
  printedVolts: { label: "Printed volts" },
  restMin: { label: "Rest before" },
};

/** What is wrong with a figure that was typed: names the field and its limits. */
export const figureError = (label: string, limits: string): string => `${label} must be a number from ${limits}.`;

export const SURVEY = {
  question: "What must start, and on what?",
  missingBoth: [{ text: "Enter two things: " }, { text: "the plate or the size, and what feeds it.", decides: true }],
  missingPlate: [{ text: "Enter the plate: " }, { text: "the cooling or the locked rotor amps first.", decides: true }],
  missingSource: [{ text: "Add what feeds it: " }, { text: "shore power, a generator or an inverter.", decides: true }],
  missingWatts: [{ text: "Enter the source’s watts: " }, { text: "running or surge.", decides: true }],
  enough: (read: number, typical: number) => [
    { text: `This is enough for an answer: ${read} figures entered, ` },
    { text: `${typical} assumed.` },
  ],
  sure: "The mark beside a figure shows where it comes from. Everything is saved as you type.",
  goCheck: "See the answer",
  unit: "Air conditioner",
  unitName: "Name",
  rig: "Rig",
  rigName: "Name",
  note: "Note",
  place: "Where",
  places: { rv: "RV", house: "House" },
  more: "More, if the plate has it",
  addUnit: "Add another unit to this rig",
  model: "Model, as printed",
  serial: "Serial number",
  refrigerant: "Refrigerant",
  burns: (name: string): string => `${name} burns`,
  madeYear: "Year made",
  badYear: (least: number, most: number): string => `Year made must be a number from ${least} to ${most}.`,
  customer: "Customer",
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
  seenToStart: "Has been seen to start",
  seenHelp: "Clear this if nobody has seen it start",
  valveHolds: "Expansion valve does not bleed",
  valveHelp: "pressures then take minutes to equalize",
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
  takeCooling: (cooling: string): string => `The model number often means ${cooling}: use it as typical`,
  plateDoubt: (amps: number, { code, ratio, meantA }: PlateDoubt): string => {
    const than = { "over-rated": "rated load amps", "under-rated": "rated load amps", "off-size": "what is usual for this cooling" }[code];
    const asked = meantA === null ? "Read the plate again." : `${formatAmps(meantA)} or ${formatAmps(amps)}? Read the plate again.`;
    return `Locked rotor amps are ${formatNumber(ratio, 1)} times ${than}. ${asked}`;
  },
  runTolerance: "Run capacitor, printed tolerance",
  startTolerance: "Start capacitor, printed tolerance",
  notPrinted: "not entered",
  plusMinus: (share: number): string => `± ${formatPercent(share)}`,
  capacitorOff: (off: number, band: number): string =>
    Math.abs(off) > band
      ? `The run capacitor is ${formatPercent(Math.abs(off))} ${off < 0 ? "under" : "over"} what is printed; the tolerance is ± ${formatPercent(band)}. Replace it before you buy anything else.`
      : `The run capacitor is within ± ${formatPercent(band)} of what is printed.`,
  unitLeg: "On which leg",
  unitPriority: "If power is short",
  hotLegs: "Hot legs that reach the rig",
  adapterA: "Adapter, smallest rating",
  legCounts: { "1": "one", "2": "two" },
  twoLegs:
    "The two legs share one neutral. If it opens, one leg goes high and the other goes low. Measure both legs to neutral before you switch anything on.",
  gear: "Between source and unit",
  sources: "Sources",
  addShore: "Add shore power",
  addGenerator: "Add a generator",
  addInverter: "Add an inverter",
  inverterName: "Inverter",
  cutOff: "Low-voltage cut-off",
  shoreName: (volts: number): string => (isHighVolts(volts) ? "House circuit" : "Shore power"),
  generatorName: "Generator",
  generatorKind: "Kind",
  generatorKinds: { "inverter-generator": "inverter generator", generator: "open-frame generator" },
  sourceName: "Name",
  noSource: "Nothing feeds it yet.",
  deleteSource: (name: string): string => `Delete ${name}`,
  whereFrom: (label: string): string => `Where ${label} comes from`,
  assumed: "typical",
  plateCaution: "Before the cover comes off",
  plateCautionText:
    "You can read the plate outside without a tool. Behind the cover are line voltage and capacitors that stay charged. Every source off and locked, proven dead, capacitors bled and read on DC first. Local code and licensed people come first.",
  shoreHelp: "You can leave wiring and cord empty: 0.2 ohm is assumed.",
  generatorHelp: "One of the two watts is enough. Surge is what it can supply for a few seconds.",
} as const;

/** What is said of breaker and wire; raising either is never a remedy. */
export const CIRCUIT_WORDS = {
  severity: { warn: "Watch.", note: "Note." },
  issues: {
    "breaker-over-plate": (f) =>
      `The breaker is ${f("breakerA")} A, and the plate allows ${f("plateA")} A at most. It needs a smaller one. Have a licensed electrician check it.`,
    "breaker-over-motor-share": (f) =>
      `The breaker is ${f("breakerA")} A; with no limit on the plate ${f("mostA")} A is the most: 225 % of the compressor, plus the fan.`,
    "breaker-under-ampacity": (f) =>
      `The breaker is ${f("breakerA")} A and the circuit needs ${f("neededA")} A: it may trip while it runs. Check the plate and the wire first. A larger breaker is no fix.`,
    "wire-under-ampacity": (f) =>
      `The wire carries ${f("wireA")} A (${f("awg")}, 60 °C terminals), and the circuit needs ${f("neededA")} A. Have a licensed electrician check it.`,
  } satisfies Readonly<Record<string, (f: (name: string) => string) => string>>,
  /** The published rule a finding rests on; that it stands here from memory is told in the guide. */
  source: (source: string): string => `Source: ${source.replace(/, from memory$/, "")}`,
} as const;

/** What is wrong with a name, in words; null where it is good. */
export function nameError(label: string, text: string): string | null {
  const problem = nameProblem(text);
  if (problem === null) return null;
  return COMMON[problem === "unseen" ? "nameUnseen" : "tooLong"](label, TEXT_MOST.name);
}
