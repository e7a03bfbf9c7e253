import { formatAmps, formatNumber, formatSeconds, formatVolts, formatWith } from "@amp-saver/core/quantity";
import { wholeOfHundred } from "./answer.ts";
import { FIT_WORDS } from "./common.ts";

export const PICTURES = {
  which: "Picture",
  kinds: { start: "The start", time: "Current and time", map: "Weather and altitude" },
  mapLoads: "Weather and loads",
  amps: "Amps",
  tick: (s: number): string => (s >= 120 ? formatWith(s / 60, 0, "min") : formatWith(s, s < 0.1 ? 2 : s < 1 ? 1 : 0, "s")),
  saveSvg: "Save SVG",
  savePng: "Save PNG",
  fileName: (rig: string, picture: string): string => `${rig} ${picture}`.toLowerCase().replaceAll(/[^a-z0-9]+/g, "-"),
  readLabel: "Read the picture: arrow keys move, or touch it",
  start: (t: number, amps: number, volts: number, rpm: number): string =>
    `${formatSeconds(t)}: ${formatAmps(amps)}, ${formatVolts(volts)}, ${formatNumber(rpm, 0)} rpm`,
  against: (amps: number): string => `; compared with ${formatAmps(amps)}`,
  time: (amps: number, seconds: number | null, mayS: number | null, latestS: number | null): string => {
    const stays = seconds === null ? "never reached" : `reached for ${formatSeconds(seconds)}`;
    if (mayS === null) return `${formatAmps(amps)}: ${stays}`;
    const limit = mayS === latestS || latestS === null ? `allowed for ${long(mayS)}` : `may trip after ${long(mayS)}, by ${long(latestS)}`;
    return `${formatAmps(amps)}: ${stays}; ${limit}`;
  },
  bandLabel: (amps: number): string => `${formatNumber(amps, 0)} A breaker: may trip, trips`,
  stepsLabel: "what the source can supply for how long",
  timeLabel: "How long the start stays at or above each current, over what the source allows; both scales logarithmic.",
  timeHelp:
    "Each point: for how long the start stays at that current or above. Right of the red line the source cannot supply it for that long.",
  mapAlong: "Outdoor temp",
  mapUp: { altitude: "Altitude", loads: "Other loads" },
  mapStarts: (starts: number): string => `start ${formatNumber(starts, 0)}`,
  mapMarks: "bar: fits · dashes: barely fits · hatch: does not fit",
  mapLabel: "In how many of 100 tries it works at each outdoor temperature and altitude.",
  mapAt: (air: string, up: string, fit: keyof typeof FIT_WORDS, starts: number, holds: number): string =>
    `${air}, ${up}: ${FIT_WORDS[fit]}, starts in ${formatNumber(starts, 0)} of 100 tries, works in ${formatNumber(wholeOfHundred(holds), 0)}`,
  working: (done: number, all: number): string => `Simulating: ${done} of ${all} tries`,
  empty: "Move along the picture to read it.",
} as const;

function long(seconds: number): string {
  if (!Number.isFinite(seconds)) return "ever";
  return seconds >= 120 ? formatWith(seconds / 60, 0, "min") : formatSeconds(seconds);
}
