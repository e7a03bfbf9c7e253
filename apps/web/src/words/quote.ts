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
    q.quick.cents === q.slow.cents ? money(q.usual.cents) : `${money(q.usual.cents)}, ${money(q.quick.cents)} to ${money(q.slow.cents)}`,
  noPlan: "This unit has no wiring plan yet. Terminals, splices and hours come from the plan in Prepare.",
  toPrepare: "Go to the plan",
  parts: "Parts",
  part: {
    starter: "Soft starter",
    terminals: "Terminals with spares",
    splices: "Splices with spares",
    sundries: "Tape, ties, putty, sealant, labels",
  } satisfies Readonly<Record<Quote["parts"][number]["code"], string>>,
  named: (starter: string): string => `Soft starter, ${starter}`,
  work: "Work",
  workOf: {
    wiring: "Wiring by the plan",
    around: "Isolating, mounting, closing",
    learning: "Learning runs with their rests",
    readings: "Readings before and after",
    travel: "Travel",
  } satisfies Readonly<Record<Quote["work"][number]["code"], string>>,
  heads: ["", "Count", "Each", "Sum"],
  workHeads: ["", "Quick", "Usual", "Slow"],
  minutes: hours,
  totals: { work: "Work", parts: "Parts", tax: "Tax", sum: "Total" },
  own: (timed: number, visits: number): string =>
    `Wiring minutes from your own log: ${timed} timed steps in ${visits === 1 ? "1 visit" : `${visits} visits`}.`,
  usual: "Wiring minutes are the usual ones of each step. After eight timed steps of your own they come from your log.",
  prices: "My price list",
  pricesHelp: "Kept on this device. The first figures are the usual ones: enter your own.",
  price: {
    hourUsd: "An hour of work",
    terminalUsd: "A crimped terminal",
    spliceUsd: "A splice",
    sundriesUsd: "Tape, ties, putty, sealant, labels",
    aroundMin: "Isolating, mounting, closing",
    travelMin: "Travel",
    proveMin: "Readings before and after",
    taxPercent: "Tax on everything",
  } satisfies Readonly<Record<keyof QuotePrices, string>>,
  from: "Who quotes",
  fromHelp: "Name, phone, license: one line on the sheet.",
  pdf: "Quote as PDF",
  made: (day: string, until: string): string => `Made on ${day}, valid until ${until}.`,
  does: "What we do",
  doesList: (source: string | null, lockedRotorA: number | null): readonly string[] => [
    "We isolate the circuit, prove it dead and bleed the capacitors. Then we mount and wire the starter by a plan for this unit, and close it.",
    "We read starting amps before and after, on the same wire with the same meter. You get the sheet with readings, wiring and how to undo the install.",
    ...(lockedRotorA === null ? [] : [`Locked rotor amps by the plate: ${formatAmps(lockedRotorA)}.`]),
    ...(source === null ? [] : [`For this source: ${source}.`]),
  ],
  not: "Not included",
  notList: [
    "A fault we find on the way (capacitor, contactor, dirty coil, charge, worn wires): we tell you first and quote it apart.",
    "A soft starter lowers starting amps, not running amps. It makes no source larger.",
    "Breaker and wire stay as the plate says. The makers’ sheets, the local code and licensed people come first.",
  ],
} as const;
