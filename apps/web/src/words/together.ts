import { formatAmps, formatNumber, formatPercent, formatVolts, formatWatts, formatWith } from "@amp-saver/core/quantity";
import type { Fit } from "@amp-saver/core/study/assess";
import { TOGETHER_PARAMS } from "@amp-saver/core/study/together/params";
import type { Gear } from "@amp-saver/records";
import type { Span } from "./answer.ts";

const list = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? "") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;

/** The answer in one sentence. */
export function togetherSentence(plan: {
  readonly fit: Fit;
  readonly status: "fits" | "start-blocked" | "overload";
  readonly shed: readonly string[];
  readonly spareA: number;
  readonly rule: { readonly countedA: number; readonly ratingA: number } | null;
  readonly startFails: string | null;
}): readonly Span[] {
  const { fit, status, shed, spareA, rule, startFails } = plan;
  if (fit === "not-known") return [{ text: "Not known yet. " }, { text: "Complete the plates first.", decides: true }];
  if (fit === "too-much" && status === "overload" && shed.length > 0)
    return [{ text: "Not all at once. Turn off " }, { text: `${list(shed)}.`, decides: true }];
  if (fit === "too-much" && status === "start-blocked" && shed.length > 0)
    return [
      { text: "It runs, but not everything starts. Turn off " },
      { text: list(shed), decides: true },
      { text: " while the others start." },
    ];
  if (fit === "too-much")
    return [{ text: `No. ${startFails ?? "Something"} ` }, { text: "does not start and run with the rest on.", decides: true }];
  if (fit === "just-fits" && rule !== null)
    return [
      { text: "Barely. It runs, but " },
      { text: `the code counts ${formatAmps(rule.countedA)} on this ${formatNumber(rule.ratingA, 0)}\u00a0A breaker.`, decides: true },
    ];
  if (spareA <= 0) return [{ text: "Barely. " }, { text: "It works in most tries, not in all.", decides: true }];
  return [
    { text: fit === "fits" ? "Yes. Everything planned fits, with " : "Barely. Everything planned fits, with " },
    { text: `${formatAmps(spareA)} to spare.`, decides: true },
  ];
}

/** What each usual load is called. */
export const LOAD_WORDS: Readonly<Record<string, string>> = {
  "fridge-compressor": "Fridge, compressor",
  "fridge-absorption": "Fridge, heated",
  charger: "Battery charger",
  microwave: "Microwave",
  coffee: "Coffee maker",
  kettle: "Kettle",
  toaster: "Toaster",
  "hair-dryer": "Hair dryer",
  hob: "Stovetop",
  "water-heater": "Water heater element",
  "space-heater": "Space heater",
  television: "Television",
  laptop: "Laptop",
  lights: "Lights",
  vacuum: "Vacuum cleaner",
  washer: "Washer",
  dehumidifier: "Dehumidifier",
  "well-pump": "Well pump, 240 V",
  dryer: "Dryer, 240 V",
};

/** What to know of what sits between a source and the rig. */
export const GEAR_WORDS: Readonly<Record<Gear, { readonly name: string; readonly says: string }>> = {
  adapter: {
    name: "Adapter to a smaller outlet",
    says: "Both legs are on one hot. Everything counts on one leg, and 240 V loads do not run.",
  },
  "surge-protector": {
    name: "Surge protector or energy manager",
    says: "It cuts out at about 104 V and waits two minutes or more before it connects again.",
  },
  "load-shed": { name: "Load-shed panel", says: "It can switch a load off by itself. A unit that does not start may be waiting for it." },
  gfci: { name: "GFCI outlet", says: "A worn unit or a wet cord can trip it. That is not an overload." },
  transfer: { name: "Transfer switch", says: "It waits before it connects. Two sources never feed at once." },
  interlock: { name: "Interlock", says: "A generator that feeds a house without one back-feeds the line and can kill. Licensed work." },
};

export const BUDGET_WORDS = {
  "over-breaker": (leg: number, countedA: number, limitA: number, legs: number): string =>
    `The code counts ${formatAmps(countedA)} on ${legs === 2 ? `leg ${leg}` : "the breaker"}, rated ${formatAmps(limitA)}. A larger breaker is no fix.`,
  "over-running-watts": (leg: number | null, watts: number, limitW: number): string =>
    `${leg === null ? "Running" : `Leg ${leg}`} takes ${formatWatts(watts)}; the source carries ${formatWatts(limitW)} for hours${leg === null ? "" : " on each leg"}.`,
  "start-over-limit": (name: string, totalA: number, limitA: number): string =>
    `${name}: ${formatAmps(totalA)} while it starts on top of the rest; the source can supply ${formatAmps(limitA)}.`,
  "holds-under-three-hours": (runA: number, limitA: number): string =>
    `A rule of the code, not a trip: the breaker carries ${formatAmps(runA)} of its ${formatAmps(limitA)}.`,
  "motor-counted": (factor: number): string => `The largest motor on a leg counts ${formatNumber(factor, 2)} × (NEC 430.24 and 440.33).`,
  "continuous-counted": (factor: number): string => `What runs three hours and more counts ${formatNumber(factor, 2)} × (NEC 215.3).`,
  "start-not-judged": (): string => "On a breaker the simulated start decides, not the amps alone.",
  "legs-uneven": (leg1: number, leg2: number): string => `The legs are uneven: ${formatAmps(leg1)} and ${formatAmps(leg2)}.`,
} as const;

export const TOGETHER = {
  title: "What can run together",
  question: (source: string): string => `What can run together on ${source}?`,
  open: "What can run together",
  back: "Back to the job",
  sure: "On the rig’s hottest day at its highest campsite. Each start is simulated on top of what stays on.",
  nothing: "Not known yet. Enter a unit’s plate and a source first.",
  toSurvey: "Go to Survey",
  leg: (leg: number, legs: number): string => (legs === 1 ? "Running" : `Leg ${leg}`),
  pictureLabel: "What runs beside what the source carries, leg by leg, and the worst start on top.",
  worstStart: "Worst start",
  counted: "counted",
  planned: "Planned to be on",
  units: "Air conditioners",
  starterOf: (unit: string): string => `Starter of ${unit}`,
  apart: (seconds: number): string => `Wait ${formatWith(seconds, 0, "s")} after one has started before you call the next.`,
  learned: "learned",
  unlearned: "not yet",
  matrix: "With the air conditioners, one at a time",
  fillings: (fitting: number, of: number): string =>
    `${formatNumber(fitting, 0)} of ${formatNumber(of, 0)} combinations work. The fullest:`,
  filling: (names: readonly string[]): string => `${list(names)}.`,
  matrixHelp: "Each load alone with every unit that is on.",
  fits: "fits",
  cannot: "cannot",
  onBattery: "on the battery side",
  shutsDown: (share: number, seconds: number): string =>
    `With everything on it carries ${formatPercent(share)} and shuts down after about ${seconds >= 90 ? formatWith(seconds / 60, 0, "min") : formatWith(seconds, 0, "s")}. Follow its sheet.`,
  fuelUse: (amount: string, hours: number | null): string =>
    `Fuel: ${amount} an hour on the hottest afternoon${hours === null ? "" : `, ${formatWith(hours, 1, "h")} on the tank`}.`,
  bankLasts: (hours: number, amps: number): string =>
    `The bank lasts ${formatWith(hours, 1, "h")} on the hottest afternoon, at ${formatAmps(amps)} DC while a unit runs.`,
  charge: (amps: number): string =>
    amps < 1 ? "Nothing is left for charging." : `A charger can be set to ${formatAmps(amps)} DC with the rest on.`,
  pairTooMuch: (names: readonly string[], totalA: number, limitA: number): string =>
    `${list(names)} starting at the same moment: ${formatAmps(totalA)}, and the source can supply ${formatAmps(limitA)}.`,
  pairFits: (names: readonly string[]): string => `${list(names)} can start at the same moment.`,
  chance: (perDay: number): string =>
    perDay < 1 / 3650
      ? "By chance that happens less than once in ten years. After a power cut it happens every time, unless one waits."
      : `By chance about once in ${formatNumber(Math.max(1, 1 / perDay), 0)} hot days. After a power cut every time, unless one waits.`,
  lockOut: "Units start",
  lockOuts: { free: "at any time", locked: "one after the other" },
  locked: "A lock-out or a delay makes one wait while the other starts.",
  order: (names: readonly string[]): string => `Start in this order: ${names.join(", ")}.`,
  runsOn: (volts: number): string => `runs on ${formatVolts(volts)}`,
  startOf: (name: string): string => `${name}, on top of the rest`,
  loads: "Loads",
  addLoad: "Add a load",
  addOwn: "Your own load",
  ownName: "Load",
  loadName: "Name",
  legLabel: "Leg",
  legs: { "1": "1", "2": "2", both: "between both" },
  priority: "Turn off order",
  priorities: { "1": "1, keep on", "2": "2", "3": "3", "4": "4", "5": "5, turn off first" },
  continuous: "Runs three hours and more",
  automatic: "Comes on by itself",
  automaticHelp: `a charger or a heater element: on at ${formatPercent(TOGETHER_PARAMS.byItselfShare.value)} of the starts tried`,
  battery: "Fed from the battery side",
  batteryHelp: "takes nothing from the source while it runs",
  deleteLoad: (name: string): string => `Delete ${name}`,
  importCsv: "Import a list (CSV)",
  exportCsv: "Export the list (CSV)",
  tooManyOn: (most: number): string => `Too many are planned on: at most ${most} units and loads. Take some off the list.`,
  tooMany: (most: number): string => `A rig has at most ${most} loads.`,
  read: (n: number): string => `${n} load${n === 1 ? "" : "s"} imported.`,
  print: "Print the limits card",
  card: "Limits card",
  cardFor: (rig: string, source: string): string => `${rig} on ${source}`,
  cardStart: "While an air conditioner starts",
  cardRun: "While it runs",
  cardBoth: "While it starts and runs",
  mayBeOn: "Can be on",
  mustBeOff: "Must be off",
  none: "nothing else",
  all: "everything on the list",
  cardFoot:
    "From plates and sheets, for the hottest day at the highest campsite. Makers’ sheets, local code and licensed people come first. Never a larger breaker or wire to make a unit start.",
  move: (name: string, to: number, before: number, after: number): string =>
    `Plug ${name} into leg ${to}: the fuller leg then carries ${formatAmps(after)} instead of ${formatAmps(before)}.`,
} as const;

/** What is wrong with a list of loads. */
export const CSV_WORDS = {
  empty: "The list is empty: it needs a heading line and a line for each load.",
  "no-name": "The list has no column called name.",
  "no-figure": "The list needs a column called watts or amps.",
  "column-twice": (column: string): string => `The column ${column} appears twice.`,
  "too-many": (most: number): string => `The list is too long: at most ${most} loads in a rig.`,
  "bad-name": (line: number): string => `Line ${line}, name: must be 1 to 120 letters.`,
  "bad-figure": (line: number, column: string, limits: string): string => `Line ${line}, ${column}: must be a number from ${limits}.`,
  "bad-word": (line: number, column: string, words: string): string => `Line ${line}, ${column}: must be one of ${words}.`,
  "missing-figure": (line: number): string => `Line ${line}: watts or amps are missing.`,
} as const;

/** What may be on, as the limits card says it. */
export function cardOn(on: readonly string[] | "everything", nameOf: (id: string) => string): string {
  if (on === "everything") return TOGETHER.all;
  return on.length === 0 ? TOGETHER.none : on.map(nameOf).join(", ");
}

/** What must be off, as the limits card says it. */
export function cardOff(off: readonly string[], nameOf: (id: string) => string): string {
  return off.length === 0 ? "–" : off.map(nameOf).join(", ");
}
