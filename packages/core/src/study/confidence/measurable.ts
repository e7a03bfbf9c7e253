import { DEFAULT_TOLERANCE } from "../../quantity/index.ts";
import type { MeasurableFigure } from "./params.ts";

/** Figures that stand on a label or sheet, or are looked up: once read, they are as good as these. */
const READ_OFF: ReadonlySet<MeasurableFigure> = new Set([
  "run-capacitor",
  "running-watts",
  "surge-watts",
  "surge-seconds",
  "shore-limit",
  "battery-hours",
  "bms-amps",
]);

/** Relative half width that is left of a figure once it was measured, or read off. */
export function leftOpen(code: MeasurableFigure): number {
  return READ_OFF.has(code) ? DEFAULT_TOLERANCE.sheet : DEFAULT_TOLERANCE.measured;
}
