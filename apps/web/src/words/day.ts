import { figureText, type Measure } from "@amp-saver/core/figure";
import { formatNumber, formatPercent, formatWatts, formatWith } from "@amp-saver/core/quantity";
import { DAY_PARAMS } from "@amp-saver/core/study/day-plan/params";
import type { Span } from "./answer.ts";

/** A time of day, 24 hours. */
export const clock = (minute: number): string => {
  const m = ((minute % 1440) + 1440) % 1440;
  return `${String(Math.floor(m / 60)).padStart(2, "0")}:${String(m % 60).padStart(2, "0")}`;
};

const minutes = (n: number): string => (n >= 1440 ? "all day" : n >= 120 ? formatWith(n / 60, 1, "h") : formatWith(n, 0, "min"));

const spell = (n: number): string => (n >= 1440 ? minutes(n) : `for ${minutes(n)}`);

/** The day in one sentence. */
export function daySentence(day: {
  readonly short: readonly { readonly name: string; readonly minutes: number }[];
  readonly worstMinute: number;
  readonly spareW: number;
}): readonly Span[] {
  const [first, ...more] = day.short;
  if (first !== undefined) {
    const rest = more.length === 0 ? "" : `, and ${more.length} more`;
    return [
      { text: "Not everything can run: " },
      { text: `${first.name} has no power ${spell(first.minutes)}`, decides: true },
      { text: `${rest}.` },
    ];
  }
  return [
    { text: "Yes. Everything can run all day, with " },
    { text: `${formatWatts(day.spareW)} to spare`, decides: true },
    { text: ` at ${clock(day.worstMinute)}.` },
  ];
}

export const DAY = {
  title: "The day",
  question: (rig: string): string => `Can ${rig} run through the hottest day?`,
  views: { together: "At once", day: "Hour by hour", work: "The work" },
  viewLabel: "View",
  nothing: "Not known yet. Enter a unit’s plate and a source first.",
  pictureLabel: "The day from midnight to midnight: power needed beside power available, hour by hour, and the bank’s charge.",
  hours: "Hours",
  bank: "Bank",
  charging: "Charging",
  starts: "start",
  at: (minute: number, asked: number, there: number, air: string, charge: number | null): string =>
    `${clock(minute)}: ${formatWatts(asked)} needed, ${there === 0 ? "none available" : `${formatWatts(there)} available`}, ${air}${charge === null ? "" : `, bank ${formatPercent(charge)}`}`,
  worst: (minute: number, asked: number, there: number): string =>
    `Worst moment ${clock(minute)}: ${formatWatts(asked)} needed at once, ${formatWatts(there)} available.`,
  without: (name: string, n: number): string => `${name}: no power ${spell(n)}.`,
  startCount: (name: string, n: number): string => `${name}: ${formatNumber(n, 0)} starts.`,
  fuel: (amount: string): string => `Fuel: ${amount}.`,
  bankEmpty: (n: number): string => `The bank is at its limit for ${minutes(n)} while loads need it.`,
  assumed: (measure: Measure): string =>
    `Units run from not at all at ${figureText("outdoorC", measure, DAY_PARAMS.balanceC.value)} to all the time at ${figureText("outdoorC", measure, DAY_PARAMS.fullC.value)}, up to ${DAY_PARAMS.cyclesPerHour.value} cycles an hour. The bank starts at ${formatPercent(DAY_PARAMS.chargeAtStart.value)}.`,
  sourcesTitle: "When each source is available",
  loadsTitle: "When each load is on",
  allDay: "all day",
  notThere: "not available",
  takeAway: (name: string): string => `${name}: not available this day`,
  rows: { feeds: "Fed by", nothing: "nothing" },
  noPower: (n: number): string | null => (n <= 0 ? null : `off ${minutes(n)}`),
  legend: "Solid: runs. Red hatching: needs power and has none. Red line: amps available. Ticks under the amps: a unit starts.",
  from: (name: string): string => `${name}, from`,
  to: (name: string): string => `${name}, to`,
  setHours: (name: string): string => `Set hours for ${name}`,
  backToAllDay: (name: string): string => `${name}: all day`,
} as const;
