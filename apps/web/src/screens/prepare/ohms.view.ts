import { FIGURES } from "@amp-saver/core/figure";
import type { Display } from "@amp-saver/instruments";

/** Ohms as typed, a decimal comma or point; null where nothing is, undefined where it is no number within bounds. */
export function readOhms(
  text: string,
  min: number = FIGURES.windingOhm.min,
  max: number = FIGURES.windingOhm.max,
): number | null | undefined {
  const plain = text.trim().replace(",", ".");
  if (plain === "") return null;
  if (!/^\d+(\.\d*)?$|^\.\d+$/.test(plain)) return undefined;
  const value = Number(plain);
  return value >= min && value <= max ? value : undefined;
}

/** Ohms as shown in a field. */
export function textOfOhms(value: number | null): string {
  return value === null ? "" : String(value);
}

/** Ohms that a multimeter on its ohm range shows now; null where none does, or it shows dashes. */
export function shownOhm(displays: ReadonlyMap<string, Display>): number | null {
  for (const display of displays.values())
    if (display.kind === "multimeter" && display.range === "ohm" && display.value !== null) return display.value;
  return null;
}
