import { bankLoad } from "../../device/battery/index.ts";
import { shoreW } from "./carried.ts";
import type { MotorStartInput } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { BatteryUse } from "./result.ts";
import type { SteadyRunning } from "./steady.ts";

/** What the bank gave at the worst of a start; null where there is no bank. */
export function batteryUse({ source }: MotorStartInput, trace: StartTrace): BatteryUse | null {
  if (source.kind !== "electronic" || source.battery === null) return null;
  const { cutOffV, volts } = source.battery;
  return { startA: trace.mostBankA ?? 0, startV: trace.lowestBankV ?? volts, runA: null, runV: null, cutOffV };
}

/** Amps and volts of the bank in steady running; null where there is no bank. */
export function batteryRunning({ source }: MotorStartInput, { watts }: SteadyRunning): Pick<BatteryUse, "runA" | "runV"> | null {
  if (source.kind !== "electronic" || source.battery === null) return null;
  const { amps, volts } = bankLoad(source.battery, watts - shoreW(source));
  return { runA: amps, runV: volts };
}
