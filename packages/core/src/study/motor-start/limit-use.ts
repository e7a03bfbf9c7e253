import { LOWEST_PLATE_SHARE } from "../../device/compressor-motor/index.ts";
import { GENERATOR_PARAMS as SET } from "../../device/generator/index.ts";
import type { MotorStartInput } from "./input.ts";
import type { StartTrace } from "./record.ts";
import type { LimitUse, Room } from "./result.ts";
import { modelOf } from "./source/index.ts";
import type { SteadyRunning } from "./steady.ts";

/** Every limit that applies to a start and how much of it was used. */
export function limitUse(
  input: MotorStartInput,
  trace: StartTrace,
  start: Room,
  run: Room | null,
  running: SteadyRunning | null,
): readonly LimitUse[] {
  const uses: LimitUse[] = [];
  if (start.spareShare !== null) uses.push({ code: "start-current", share: 1 - start.spareShare });
  if (trace.breakerDose !== null) uses.push({ code: "breaker-heat", share: trace.breakerDose.earliest });
  if (run?.spareShare != null) uses.push({ code: "run-limit", share: 1 - run.spareShare });
  if (running !== null) uses.push({ code: "run-volts", share: (LOWEST_PLATE_SHARE * input.plateVolts) / running.volts });
  const { bank, turns } = modelOf(input.source);
  if (bank !== null && trace.lowestBankV !== null)
    uses.push({ code: "battery-volts", share: (bank.volts - trace.lowestBankV) / (bank.volts - bank.cutOffV) });
  if (turns) uses.push({ code: "engine-speed", share: (1 - trace.lowestSpeed) / (1 - SET.stallShare.value) });
  return uses;
}

/** Electrical energy over a run, J, at the unit and everything beside it. */
export function energyJ(trace: StartTrace): number {
  return trace.meter.watts.reduce((sum, watts) => sum + watts * trace.halfCycleS, 0);
}

/** Time in which the line carried more than it does in steady running, s. */
export function aboveRunningS(trace: StartTrace, running: SteadyRunning | null): number | null {
  if (running === null) return null;
  return trace.meter.rmsA.reduce((sum, amps) => sum + (amps > running.totalA ? trace.halfCycleS : 0), 0);
}
