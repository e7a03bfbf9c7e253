/** Keys and what they do, as listed under "?". */
export const KEYS: readonly (readonly [string, string])[] = [
  ["1–9, 0", "stage of the job"],
  ["S", "next source"],
  ["M", "next start method"],
  ["B", "compare with"],
  ["L", "other loads"],
  ["T", "outdoor temp"],
  ["A", "altitude"],
  ["W", "why: formula, inputs, source"],
  ["O", "open what is next"],
  ["N", "new rig"],
  ["/", "find in the logbook"],
  ["E", "export"],
  ["D", "Daylight or Night"],
  ["Ctrl Z", "undo"],
  ["Ctrl Shift Z", "redo"],
];

export const KEY_WORDS = {
  title: "Keys and settings",
  shortcuts: "Single keys work while you are not typing",
  measure: "Units",
  us: "°F and feet",
  si: "°C and meters",
  device: "This device",
  insecure:
    "This address is not a secure one (https or localhost). Everything works, but the app cannot be installed here, does not open without a signal, and storage cannot be made lasting.",
} as const;
