import { formatNumber, formatPercent, formatWatts, formatWith } from "@amp-saver/core/quantity";
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
      { text: "Not everything is served: " },
      { text: `${first.name} is without ${spell(first.minutes)}`, decides: true },
      { text: `${rest}.` },
    ];
  }
  return [
    { text: "The day holds, with " },
    { text: `${formatWatts(day.spareW)} to spare`, decides: true },
    { text: ` at ${clock(day.worstMinute)}.` },
  ];
}

export const DAY = {
  title: "The day",
  question: (rig: string): string => `Does the hottest day hold for ${rig}?`,
  views: { together: "At once", day: "The day" },
  viewLabel: "What is asked",
  nothing: "Nothing to say yet: a unit’s plate and a source come first.",
  pictureLabel: "The day from midnight down to midnight: what takes power beside what there is, hour by hour, and the bank’s charge.",
  hours: "Hours",
  bank: "Bank",
  charging: "Charging",
  starts: "start",
  at: (minute: number, asked: number, there: number, air: string, charge: number | null): string =>
    `${clock(minute)}: ${formatWatts(asked)} asked, ${there === 0 ? "nothing there" : `${formatWatts(there)} there`}, ${air}${charge === null ? "" : `, bank ${formatPercent(charge)}`}`,
  worst: (minute: number, asked: number, there: number): string =>
    `Worst moment ${clock(minute)}: ${formatWatts(asked)} asked at once, ${formatWatts(there)} there.`,
  without: (name: string, n: number): string => `${name}: without ${spell(n)}.`,
  startCount: (name: string, n: number): string => `${name}: ${formatNumber(n, 0)} starts.`,
  fuel: (amount: string): string => `Fuel: ${amount}.`,
  bankEmpty: (n: number): string => `The bank is at its limit for ${minutes(n)} while something is asked of it.`,
  assumed:
    "Thermostats run from none at 70 °F to all the time at 100 °F, up to three cycles an hour (typical, from memory; cycles common practice, no source). The bank starts at 80 %.",
  sourcesTitle: "When each source is there",
  loadsTitle: "When each load is on",
  allDay: "all day",
  notThere: "not there",
  takeAway: (name: string): string => `${name}: not there this day`,
  fromLeft: (names: readonly string[]): string => `From the left: ${names.join(", ")}.`,
  from: (name: string): string => `${name}, from`,
  to: (name: string): string => `${name}, to`,
  setHours: (name: string): string => `Set hours for ${name}`,
  backToAllDay: (name: string): string => `${name}: all day`,
  coolest: "Coolest hour",
  litres: (litres: number): string => formatWith(litres, 1, "l"),
  gallons: (litres: number): string => formatWith(litres / 3.785411784, 1, "gal"),
} as const;
