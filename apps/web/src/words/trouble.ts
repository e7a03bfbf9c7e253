import type { Cause, Measurement, Symptom } from "@amp-saver/core/study/trouble";
import type { Span } from "./answer.ts";

/** Something goes wrong: what it does, what to measure next, and what the reading means. */
export const TROUBLE = {
  title: "Something is wrong",
  symptom: "What does it do?",
  none: "pick what you see or hear",
  symptoms: {
    "lights-dim": "Lights dim when it starts",
    "hums-then-quiet": "It hums, then goes quiet",
    "trips-at-once": "The breaker trips at once",
    "trips-after-minutes": "The breaker trips after minutes",
    "source-shuts-off": "Generator or inverter shuts off",
    "runs-not-cold": "It runs and does not cool",
  } satisfies Readonly<Record<Symptom, string>>,
  next: (what: string): readonly Span[] => [{ text: "Next: " }, { text: `${what}.`, decides: true }],
  clear: "Everything measured is as it should be. The next reading while it happens tells more; else ask a licensed technician.",
  cannot: "Nothing can be judged yet: enter the plate and the source in Survey.",
  names: {
    rest: "Rest before the start",
    "start-volts": "Volts at the unit while it starts",
    "run-volts": "Volts at the unit while it runs",
    "start-amps": "Starting amps",
    "running-amps": "Running amps",
    "source-amps": "All amps on the source",
    "run-capacitor": "Run capacitor, bled, wires off",
    "start-capacitor": "Start capacitor, bled, wires off",
    "winding-to-case": "Each winding to the case, dead",
  } satisfies Readonly<Record<Measurement, string>>,
  expected: (least: string | null, most: string | null, unit: string): string =>
    least !== null && most !== null
      ? `Expected: ${least} to ${most} ${unit}.`
      : least !== null
        ? `Expected: ${least} ${unit} or more.`
        : `Expected: ${most} ${unit} or less.`,
  causes: {
    "not-rested": "It had no rest: pressures are not equal. Wait 3 to 5 min and try once more.",
    "weak-feed": "The feed is weak: measure at outlet and unit, and shorten or thicken the cord. Look for a warm plug.",
    "hard-start": "It draws more than its plate says: check capacitors and start parts before you blame the source.",
    overworked: "The compressor works too hard: clean the coil, check the fan. Refrigerant is for licensed people.",
    "little-work": "The compressor does little work: airflow and refrigerant are for licensed people.",
    "source-too-small":
      "The source carries less than this for hours: switch other loads off or use a larger source. Never a larger breaker.",
    "run-capacitor-off": "The run capacitor is off its print: replace it with the same volts and microfarads first.",
    "start-capacitor-off": "The start capacitor is off its print: test its relay or PTC, then replace them together.",
    "winding-to-case": "A winding touches the case: do not power this compressor again.",
  } satisfies Readonly<Record<Cause, string>>,
  bad: (name: string, most: number): string => `${name} must be a number from 0 to ${most}.`,
  caution: "Ohms and capacitors are read dead and bled only. Volts and amps live, by whoever may.",
  source: "Bounds: common practice, no source. The makers’ sheets come first.",
} as const;
