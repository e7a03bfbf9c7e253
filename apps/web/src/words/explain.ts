import { formatNumber } from "@amp-saver/core/quantity";
import type { RoomBy } from "@amp-saver/core/study/motor-start";
import type { ExplainedCode } from "../screens/check/explained.view.ts";

/** How what can be supplied in running is worked out, by what limits it. */
const RUN_LIMITS: Readonly<Record<RoomBy, string>> = {
  source: "The source as a whole.",
  watts: "Running watts less the engine’s losses, as the amps of this very load that reach them. Watts count at the source.",
  breaker: "What the middle of the breaker’s trip curve carries for three hours (UL 489 for the fixed points, typical between them).",
  volts: "The amps of this very load that pull the unit down to 0.90 × plate volts.",
  manager: "The amps of this very load that pull the unit down to the energy manager’s cut-out.",
  bank: "The amps of this very load that pull the battery down to the inverter’s cut-off.",
  bms: "The amps of this very load at which the battery’s BMS carries all it can for hours.",
  torque: "The volts on which the rotor still turns.",
  none: "No limit was judged.",
};

/** The same in the start. */
const START_LIMITS: Readonly<Record<RoomBy, string>> = {
  ...RUN_LIMITS,
  source:
    "Momentary factor × surge watts ÷ volts, less the engine’s losses, the shore share added. An open-frame generator: surge watts ÷ volts.",
  breaker: "Starting amps × how much larger the whole start could be until the breaker’s trip curve is reached.",
  torque: "Starting amps × volts at the outlet ÷ the least volts on which it still starts, found by simulating it on fewer.",
};

const START_NEEDS: Readonly<Record<RoomBy, string>> = {
  ...START_LIMITS,
  source: "The limit of the smallest source of this kind on which it still starts, found by simulating it on smaller ones.",
  breaker: "Largest RMS of one cycle of the whole line in the simulated start.",
  torque: "Largest RMS of one cycle of the whole line in the simulated start.",
  none: "Largest RMS of one cycle of the whole line in the simulated start. No size of this source would do.",
};

const always = (text: string) => (): string => text;

/** What each figure of an answer is, and how it is worked out. */
export const EXPLAIN = {
  title: "Every figure, opened",
  names: {
    "start-needs": "Needed to start",
    "start-limit": "Can be supplied to start",
    "start-spare": "To spare in the start",
    "run-needs": "Needed to run",
    "run-limit": "Can be supplied to run",
    "run-spare": "To spare in running",
    "start-time": "Time to speed",
    "lowest-volts": "Lowest volts at the unit, one cycle",
    "first-half-cycle": "First half cycle, peak",
    inrush: "Inrush, 100 ms",
    "max-hold": "Max hold, 0.4 s",
  },
  formulas: {
    "start-needs": (by: RoomBy): string => START_NEEDS[by],
    "start-limit": (by: RoomBy): string => START_LIMITS[by],
    "start-spare": always("Supplied less needed."),
    "run-needs": always(
      "Steady state of the fitted motor at rated load, and more when it is hotter outdoors. Fan and other loads are added as phasors.",
    ),
    "run-limit": (by: RoomBy): string => RUN_LIMITS[by],
    "run-spare": always("Supplied less needed."),
    "start-time": always("First time at which nine tenths of synchronous speed is reached and kept for 0.2 s, simulated."),
    "lowest-volts": always("Lowest RMS of one cycle at the unit: source less what its impedance, wiring and cords take."),
    "first-half-cycle": always("Largest instantaneous current of the first half cycle."),
    inrush: always("Largest RMS over any 100 ms: what a clamp meter’s inrush mode shows at most."),
    "max-hold": always("Largest RMS over any 0.4 s: a slow max hold."),
  } satisfies Record<ExplainedCode, (by: RoomBy) => string>,
  inputs: "Rests on",
} as const;

/** Figures outside Check, opened the same way. */
export const OPENED = {
  bleed: "Time to bleed it",
  bleedFormula: (volts: string): string => `R × C × ln(highest volts ÷ ${volts}). The highest volts are √2 × the printed AC volts.`,
  bleedInputs: {
    farad: (text: string): string => `Capacitor ${text}`,
    volts: (text: string): string => `Printed ${text}`,
    ohm: (text: string): string => `Bleeder ${text}`,
  },
  reduction: "Starting amps, less by",
  reductionFormula: "1 − middle of the after readings ÷ middle of the before readings, like with like.",
  reductionInputs: {
    before: (amps: string, count: number): string => `Before: ${amps}, middle of ${count}`,
    after: (amps: string, count: number): string => `After: ${amps}, middle of ${count}`,
    range: (low: string, high: string): string => `Range ${low} to ${high}: scatter of the readings and what the meter adds`,
  },
  counted: "Running amps counted",
  leg: (leg: string): string => `Counted on ${leg.toLowerCase()}`,
  legFormula: (motor: string, hours: string): string =>
    `Sum of running amps. On a breaker the largest motor counts ${motor} and loads of three hours and more count ${hours}.`,
  legInput: (name: string, amps: string): string => `${name} ${amps}`,
  winding: { main: "Run winding", start: "Start winding" },
  windingFormula: (cold: string): string => `Reading less the probes, turned to ${cold} by copper’s 0.393 % a degree.`,
  windingInputs: {
    pair: (pair: string, ohm: string): string => `${pair} ${ohm}`,
    probes: (ohm: string): string => `Probes ${ohm}`,
    warm: (text: string): string => `Windings at ${text}`,
  },
  range: {
    name: (kind: string): string => `Expected once learned, ${kind}`,
    value: (low: string, high: string): string => `${low} to ${high}`,
    formula: (draws: number, middle: string): string =>
      `${draws} units are drawn over all that is not known of this one, and started once learned. The range holds 95 of 100 of them; the middle is ${middle}.`,
    limit: (amps: string): string => `Starter’s limit ${amps}`,
    limitTypical: (low: number, high: number): string =>
      `Starter’s limit: from what it would learn here to ${formatNumber(100 * high, 0)} % of locked rotor amps, usual from ${formatNumber(100 * low, 0)} %`,
    on: (name: string): string => `On ${name}`,
    air: (text: string): string => `Outdoor temp ${text}`,
  },
  cost: "What it costs",
  costFormula: "The sum of these. Change the prices under Prices.",
  roof: "Time for all of it",
  roofFormula: "Sum of the acts above. Learning runs and starts that are read fill each other’s rests.",
  quote: "Work, by the hour",
  quoteFormula: (rate: string): string => `Minutes of all work ÷ 60 × ${rate}, rounded to the cent.`,
  quoteInput: (what: string, minutes: string): string => `${what} ${minutes}`,
} as const;
