import { acWAt, bankLoad } from "../../device/battery/index.ts";
import { shoreW } from "./carried.ts";
import type { ElectronicSource, MachineSource, MotorStartInput } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { BatteryUse } from "./result.ts";
import type { SteadyRunning } from "./steady.ts";

/** What the bank gave at the worst of a start; null where there is no bank. */
export function batteryUse({ source }: MotorStartInput, trace: StartTrace): BatteryUse | null {
  if (source.kind !== "electronic" || source.battery === null) return null;
  const { cutOffV, volts } = source.battery;
  return { startA: trace.mostBankA ?? 0, startV: trace.lowestBankV ?? volts, runA: null, runV: null, cutOffV };
}

/** Watts the inverter makes of its bank in steady running, its own losses in its output included. */
function bankW(source: ElectronicSource, { watts, totalA }: SteadyRunning): number {
  return watts + (source.seriesOhm - source.cordOhm) * totalA * totalA - shoreW(source);
}

/** Amps and volts of the bank in steady running; null where there is no bank. */
export function batteryRunning({ source }: MotorStartInput, running: SteadyRunning): Pick<BatteryUse, "runA" | "runV"> | null {
  if (source.kind !== "electronic" || source.battery === null) return null;
  const { amps, volts } = bankLoad(source.battery, bankW(source, running));
  return { runA: amps, runV: volts };
}

/** Shares of a bank that steady running leaves: of the power at which it falls to its cut-off, and of what its BMS carries. */
export function bankRoom(
  source: ElectronicSource | MachineSource,
  running: SteadyRunning,
): readonly { readonly by: "bank" | "bms"; readonly share: number }[] {
  if (source.kind !== "electronic" || source.battery === null) return [];
  const { battery } = source;
  const { volts, cutOffV, bms } = battery;
  const watts = bankW(source, running);
  const mostW = acWAt(battery, Math.max(cutOffV, volts / 2));
  const { amps } = bankLoad(battery, watts);
  return [{ by: "bank", share: 1 - watts / mostW }, ...(bms === null ? [] : [{ by: "bms" as const, share: 1 - amps / bms.continuousA }])];
}
