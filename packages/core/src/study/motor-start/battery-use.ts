import { acWAt, bankLoad } from "../../device/battery/index.ts";
import type { MotorStartInput, Source } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { BatteryUse } from "./result.ts";
import { modelOf } from "./source/index.ts";
import type { SteadyRunning } from "./steady.ts";

/** What the bank gave at the worst of a start; null where there is no bank. */
export function batteryUse({ source }: MotorStartInput, trace: StartTrace): BatteryUse | null {
  const { bank } = modelOf(source);
  if (bank === null) return null;
  return { startA: trace.mostBankA ?? 0, startV: trace.lowestBankV ?? bank.volts, runA: null, runV: null, cutOffV: bank.cutOffV };
}

/** Watts the inverter makes of its bank in steady running, its own losses in its output included. */
function bankW(source: Source, { watts, totalA }: SteadyRunning): number {
  return watts + (source.seriesOhm - source.cordOhm) * totalA * totalA - modelOf(source).shoreW;
}

/** Amps and volts of the bank in steady running; null where there is no bank. */
export function batteryRunning({ source }: MotorStartInput, running: SteadyRunning): Pick<BatteryUse, "runA" | "runV"> | null {
  const { bank } = modelOf(source);
  if (bank === null) return null;
  const { amps, volts } = bankLoad(bank, bankW(source, running));
  return { runA: amps, runV: volts };
}

/** Shares of a bank that steady running leaves: of the power at which it falls to its cut-off, and of what its BMS carries. */
export function bankRoom(source: Source, running: SteadyRunning): readonly { readonly by: "bank" | "bms"; readonly share: number }[] {
  const { bank } = modelOf(source);
  if (bank === null) return [];
  const { volts, cutOffV, bms } = bank;
  const watts = bankW(source, running);
  const mostW = acWAt(bank, Math.max(cutOffV, volts / 2));
  const { amps } = bankLoad(bank, watts);
  return [{ by: "bank", share: 1 - watts / mostW }, ...(bms === null ? [] : [{ by: "bms" as const, share: 1 - amps / bms.continuousA }])];
}
