import { formatAmps, formatNumber } from "@amp-saver/core/quantity";
import type { Quote, QuotePrices } from "@amp-saver/core/study/quote";

/** Money from whole cents. */
export const money = (cents: number): string => `$${formatNumber(cents / 100, 2)}`;
const hours = (minutes: number): string =>
  minutes < 60
    ? `${formatNumber(minutes, 0)} min`
    : `${formatNumber(Math.floor(minutes / 60), 0)} h ${formatNumber(Math.round(minutes % 60), 0)} min`;

export const QUOTE = {
  open: "Quote sheet",
  title: (rig: string, unit: string): string => `Quote for ${rig}, ${unit}`,
  answer: (q: Quote): string =>
    q.quick.cents === q.slow.cents
      ? money(q.usual.cents)
      : `${money(q.usual.cents)}, ${money(q.quick.cents)} to ${money(q.slow.cents)} as it goes`,
  noPlan: "The wiring of this unit is not planned yet: terminals, splices and hours follow from the plan in Prepare.",
  toPrepare: "To the plan",
  parts: "Parts",
  part: {
    starter: "Soft starter",
    terminals: "Terminals, spares with them",
    splices: "Splices, spares with them",
    sundries: "Tape, ties, putty, sealant, labels",
  } satisfies Readonly<Record<Quote["parts"][number]["code"], string>>,
  named: (starter: string): string => `Soft starter, ${starter}`,
  work: "Work",
  workOf: {
    wiring: "Wiring by the plan",
    around: "Isolating, mounting, closing",
    learning: "Learning runs with their rests",
    readings: "Readings before and after",
    travel: "Way there and back",
  } satisfies Readonly<Record<Quote["work"][number]["code"], string>>,
  heads: ["", "Count", "Each", "Sum"],
  workHeads: ["", "Quick", "Usual", "Slow"],
  minutes: hours,
  totals: { work: "Work", parts: "Parts", tax: "Tax", sum: "Together" },
  own: (timed: number, visits: number): string =>
    `Minutes of the wiring from one’s own log: ${timed} timed steps in ${visits === 1 ? "1 visit" : `${visits} visits`}.`,
  usual: "Minutes of the wiring are the usual ones of each step; with eight timed steps of one’s own they come from the log.",
  prices: "My price list",
  pricesHelp: "Kept on this device. They begin with figures from memory: put your own in their place.",
  price: {
    hourUsd: "An hour of work",
    terminalUsd: "A crimped terminal",
    spliceUsd: "A splice",
    sundriesUsd: "Tape, ties, putty, sealant, labels",
    aroundMin: "Isolating, mounting, closing",
    travelMin: "Way there and back",
    proveMin: "Readings before and after",
    taxPercent: "Tax on everything",
  } satisfies Readonly<Record<keyof QuotePrices, string>>,
  from: "Who quotes",
  fromHelp: "Name, number, licence: one line on the sheet.",
  pdf: "Quote as PDF",
  made: (day: string, until: string): string => `Made on ${day}; it holds until ${until}.`,
  does: "What is done",
  doesList: (source: string | null, lockedRotorA: number | null): readonly string[] => [
    "The circuit is isolated, proven dead, capacitors bled; then the starter is mounted and wired by a plan for this very unit, and everything is closed again.",
    "Start amps are read before and after on the same wire with the same meter; the sheet with readings, wiring and the way back stays with the unit.",
    ...(lockedRotorA === null ? [] : [`Locked rotor amps by the plate: ${formatAmps(lockedRotorA)}.`]),
    ...(source === null ? [] : [`Asked about: ${source}.`]),
  ],
  not: "What is not in it",
  notList: [
    "A fault that is found on the way (capacitor, contactor, dirty coil, charge, worn wires) is said first and quoted apart.",
    "A soft starter lowers what a start takes, not what running takes, and it makes no source larger.",
    "Breaker and wire stay as the plate asks. The makers’ sheets, the local code and licensed people come first.",
  ],
} as const;
