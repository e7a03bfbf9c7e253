import type { Display } from "@amp-saver/instruments";

/** Ohms that a multimeter on its ohm range shows now; null where none does, or it shows dashes. */
export function shownOhm(displays: ReadonlyMap<string, Display>): number | null {
  for (const display of displays.values())
    if (display.kind === "multimeter" && display.range === "ohm" && display.value !== null) return display.value;
  return null;
}
