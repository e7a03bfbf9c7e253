import { formatNumber } from "@amp-saver/core/quantity";

/** Words of a start told by its sound. */
export const EAR = {
  title: "Time to speed, by ear",
  help: "Hold the phone beside the unit. Listen from three seconds before it is switched on to three after it runs. The sound stays on this device.",
  begin: "Listen now",
  end: "Stop listening",
  asking: "Waiting for the microphone.",
  hears: (seconds: number): string => `Listening for ${Math.floor(seconds)} s.`,
  listenMost: (minutes: number): string => `It listens for at most ${minutes} minutes.`,
  microphone: {
    "no-microphone": "This browser cannot listen here. Record the start another way and choose the file.",
    refused: "The microphone was not allowed. Allow it in the browser, or choose a file.",
  },
  recordingLost: "The recording could not be kept. What was heard stands below.",
  alsoKeep: (seconds: number): string => `Keep the recording, ${seconds} s at most`,
  keep: (at: number): string => `Keep the start at ${formatNumber(at, 1)} s`,
  count: "Your own count, seconds",
  countWrong: (most: number): string => `Your own count must be a number from 0 to ${most} s.`,
  keepCount: "Keep your own count",
  kept: { before: "Times to speed before", after: "Times to speed after" },
  keptEar: (seconds: number, off: number): string => `${formatNumber(seconds, 2)} s by ear, ± ${formatNumber(off, 2)} s`,
  keptCount: (seconds: number, ear: number | null): string =>
    `${formatNumber(seconds, 1)} s by your own count${ear === null ? "" : `; by ear it was ${formatNumber(ear, 2)} s`}`,
  ownCount: (k: number): string => `Your own count of start ${k}, seconds`,
  remove: (k: number): string => `Remove time ${k}`,
  beside2: (before: number, after: number): string =>
    `Time to speed: ${formatNumber(before, 1)} s before, ${formatNumber(after, 1)} s after. A soft starter takes longer on purpose.`,
  expected: (seconds: number): string => `Expected on this source: ${formatNumber(seconds, 2)} s.`,
  runs: (runs: readonly string[], rests: readonly string[]): string =>
    `${runs.length === 0 ? "" : `Ran ${runs.join(", ")}. `}${rests.length === 0 ? "" : `Rested ${rests.join(", ")}.`}`,
  ended: (at: number): string => `It ran until ${formatNumber(at, 1)} s.`,
  dropped: (hz: number): string => `The engine was dragged down by ${formatNumber(hz, 1)} Hz.`,
  pick: "Choose a recording",
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
