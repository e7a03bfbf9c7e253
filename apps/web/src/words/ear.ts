import { formatNumber } from "@amp-saver/core/quantity";

/** Words of a start told by its sound. */
export const EAR = {
  title: "Time to speed, by ear",
  help: "Record the start with the phone beside the unit: three seconds before it is switched on to three after it runs. It stays on this device.",
  pick: "Record or choose a sound",
  pickLabel: "File of sound",
  listening: "Listening.",
  line: (hz: number): string => `The line hums at ${formatNumber(hz, 1)} Hz.`,
  none: "No start is heard. The hum of the motor must stand out; leave two seconds of quiet before it.",
  outcomes: {
    ran: (at: number, seconds: number, off: number): string =>
      `On at ${formatNumber(at, 1)} s: at speed after ${formatNumber(seconds, 2)} s, ± ${formatNumber(off, 2)} s.`,
    stalled: (at: number): string => `On at ${formatNumber(at, 1)} s: it hums and does not come to speed. Switch it off.`,
    "cut-off": (at: number): string => `On at ${formatNumber(at, 1)} s: it went silent before it came to speed.`,
  },
  beside: "Another motor ran beside it: whether this one ran on is less certain.",
  sure: "Proved on synthesized sounds only, and on no other. Your own count comes first. It is never amps.",
  refused: {
    "too-large": (mega: number): string => `The file must be at most ${mega} MB.`,
    "too-long": (seconds: number): string => `The sound must be at most ${seconds} s long.`,
    "not-a-sound": "This file is not a sound this browser can read. Nothing has changed.",
    "no-answer": "Listening took too long or stopped. Nothing has changed. Try a shorter sound.",
  },
} as const;
