import { COMMON_PRACTICE, type Param, type ParamTable } from "../../quantity/index.ts";
import type { AssumedCode } from "../motor-start/index.ts";

const minutes = (label: string, value: number): Param => ({ label, unit: "min", value, min: 1, max: 120, source: COMMON_PRACTICE });

/** What a person can measure or read off, and the minutes that takes. */
export const MEASURABLE = {
  "running-amps": minutes("Clamp on compressor common, run until it is steady", 15),
  "locked-amps": minutes("Three starts as found in inrush mode, rested", 25),
  "run-capacitor": minutes("Read the run capacitor's print", 10),
  "fan-amps": minutes("Clamp on the fan's wire", 10),
  "start-aid": minutes("Look for a start capacitor in the unit's box", 10),
  "starter-limit": minutes("Read the last peak from the starter's link", 3),
  "source-ohm": minutes("Volts at the outlet with a load on and off", 5),
  "shore-volts": minutes("Volts at the outlet", 2),
  "other-loads": minutes("Clamp on the supply with the unit off", 5),
  rest: minutes("Count the rest before the start", 5),
  altitude: minutes("Look the altitude up", 1),
  "running-watts": minutes("Read running watts off the source", 2),
  "surge-watts": minutes("Read surge watts off the source", 2),
  "surge-seconds": minutes("Read from the sheet how long surge watts last", 5),
  "shore-limit": minutes("Read the inverter's shore setting", 2),
  "battery-volts": minutes("Volts of the bank", 2),
  "battery-hours": minutes("Read the bank's amp-hours", 2),
  "bms-amps": minutes("Read the battery's peak amps from its sheet", 5),
} as const satisfies ParamTable & Partial<Record<AssumedCode, Param>>;
export type MeasurableFigure = keyof typeof MEASURABLE;
