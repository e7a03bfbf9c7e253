import { figureText, type Measure } from "@amp-saver/core/figure";
import { formatNumber } from "@amp-saver/core/quantity";
import type { TraceRefusal } from "@amp-saver/core/study/tracing";
import type { WindingFault } from "@amp-saver/core/study/windings";
import { COLD_C } from "@amp-saver/core/study/windings/params";

const ohm = (value: number): string => `${formatNumber(value, 2)} ohm`;

export const FIND = {
  question: "Which wire is which?",
  waiting: [{ text: "Lift all three leads, label them a, b and c, " }, { text: "and read the three pairs.", decides: true }],
  solved: (run: string, start: string, common: string) => [
    { text: `Lead ${common} is compressor C, lead ${run} compressor R, ` },
    { text: `lead ${start} compressor S.`, decides: true },
  ],
  sure: (main: number, start: number, measure: Measure): string =>
    `Run winding ${ohm(main)}, start winding ${ohm(start)} at ${figureText("windingC", measure, COLD_C)}.`,
  notSure: "Dead and discharged first. Terminal cover back on before any power, always.",
  steps: [
    "Prove it dead and bleed every capacitor: Isolate.",
    "Photograph the terminals with their wires. Label all three leads.",
    "Lift all three off the terminals, or off their far ends if you cannot reach the terminals.",
    "Hold the probes together and enter what the meter shows.",
    "Read the three pairs to 0.1 ohm or better, then each terminal to the case. Below 0.6 ohm use a finer meter or a four-wire reading.",
    "Terminal cover back on before any power, always.",
  ],
  leadOn: (label: string): string => `Lead ${label} is on`,
  leadUnsaid: "not said yet",
  leads: "Which wire is on each lead",
  contradict: "Stop: the ohms contradict the circuit as found.",
  wrongPin: (wire: string, found: string, reads: string): string =>
    `${wire} leads to compressor ${reads}, not to compressor ${found}. Colors prove nothing.`,
  contradictHelp: "The plan is turned over: none is made until this is set right. Trace both wires to their far ends.",
  exchange: "Exchange the whole wires",
  pinsOnly: "Move only their compressor ends",
  notDead: "Not proven dead on this device. Probe nothing and lift nothing yet. You can type readings taken before.",
  toIsolate: "Go to Isolate",
  order: "In this order",
  pairs: { ab: "Leads a and b", bc: "Leads b and c", ca: "Leads c and a" },
  open: "no path",
  probes: "Probes held together",
  count: "One count of the meter",
  counts: { 0.1: "0.1 ohm", 0.01: "0.01 ohm", 0.001: "Four-wire" },
  noneToCase: "No path to the case",
  ohms: "Read the windings",
  toCase: (label: string): string => `Lead ${label} shows a path to the case`,
  use: "Use these for the start study",
  used: "The start study uses them.",
  take: (shown: number): string => `Take ${ohm(shown)} from the multimeter`,
  takeOf: (label: string, shown: number): string => `${label}: take ${ohm(shown)} from the multimeter`,
  badProbes: (least: number, most: number): string => `Probes held together must be a number from ${least} to ${most} ohm.`,
  badOhms: (label: string): string => `${label} must be a number from 0.05 to 100 ohm.`,
  faults: {
    "winding-to-case": (at) => [
      { text: `Stop: lead ${at} reads to the case. ` },
      { text: "Do not power this compressor again.", decides: true },
    ],
    "overload-open": (at) => [
      { text: `Lead ${at} is open to both others: the internal overload is open. ` },
      { text: "Let it cool and read again.", decides: true },
    ],
    "all-open": () => [{ text: "No path between any two leads: " }, { text: "are the probes on the terminals?", decides: true }],
    "one-pair-open": (at) => [
      { text: `Leads ${at.replace(" ", " and ")} are open while both others read: ` },
      { text: "read again.", decides: true },
    ],
    "pair-shorted": (at) => [
      { text: `Leads ${at.replace(" ", " and ")} read nothing: ` },
      { text: "a short, or not the windings.", decides: true },
    ],
    "three-equal": () => [
      { text: "All three pairs alike: a three-phase motor, " },
      { text: "which no starter of these kinds fits.", decides: true },
    ],
    "sum-off": () => [
      { text: "The largest pair is not the sum of the two others: " },
      { text: "read again, probes taken off.", decides: true },
    ],
    "common-unclear": () => [
      { text: "The two largest pairs are less than two counts apart: " },
      { text: "read them on a finer range.", decides: true },
    ],
    "run-start-unclear": () => [
      { text: "Run and start are less than two counts of the meter apart: " },
      { text: "read them on a finer range.", decides: true },
    ],
    "needs-finer": (at) => [
      { text: `Leads ${at.replace(" ", " and ")} read under 0.6 ohm. Too little for a 0.1 ohm meter: ` },
      { text: "read to 0.01 ohm, or four-wire.", decides: true },
    ],
  } satisfies Readonly<Record<WindingFault, (at: string) => readonly { text: string; decides?: boolean }[]>>,
  proofs: "Prove before you open or cut",
  proofsHelp:
    "Two independent proofs and a photo. A beep proves nothing while the windings connect the terminals. Both ends free, at most 0.2 ohm end to end, no path to any other lead.",
  allAsked: "Nothing is left to read or to prove here.",
  nothingToProve: "No wire has to be opened.",
  traced: "Traced by eye from end to end",
  onDiagram: "Shown on the unit’s own diagram",
  reading: "Read end to end",
  endsFree: "Both ends are off everything",
  beep: "Only a beep was heard",
  endToEnd: "End to end",
  openToOthers: "No path to any other lead",
  override: "Reason to go on",
  refusal: {
    "windings-attached": "Not a proof: with an end still on, the windings connect the terminals and any wire beeps.",
    "beep-only": "Not a proof: a beep does not tell the ohms. Read the figure.",
    "not-low": "Not a proof: more than 0.2 ohm end to end is not one wire.",
    "joined-to-another": "Not a proof: it is connected to another lead.",
  } satisfies Readonly<Record<TraceRefusal, string>>,
  released: (by: "proofs" | "override" | null): string =>
    by === "proofs"
      ? "Released: two proofs and a photo."
      : by === "override"
        ? "Released for the reason given; it is recorded."
        : "Not released",
  missing: { proof: "a second proof", photo: "a photo as found" },
  missingSentence: (what: readonly string[]): string => `Not released: ${what.join(" and ")} missing.`,
  lookAlikes: (names: readonly string[]): string => `Looks like ${names.join(" and ")}: color does not tell them apart.`,
  byGauge: "The gauge differs: a hint, not a proof.",
  badEndOhm: "End to end must be a number from 0 to 1,000 ohm.",
} as const;
