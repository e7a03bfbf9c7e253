import { synchronousRadS } from "../../device/compressor-motor/index.ts";
import { ok, type Result } from "../../quantity/index.ts";
import type { Assumption } from "./assume.ts";
import { batteryRunning, batteryUse } from "./battery-use.ts";
import { breakerRow } from "./breaker-row.ts";
import type { StartCase } from "./case.ts";
import { computed } from "./computed.ts";
import { currentLimits } from "./current-limits.ts";
import { findFindings } from "./find-findings.ts";
import { aboveRunningS, energyJ, limitUse } from "./limit-use.ts";
import { type PreparedStart, type PrepareFailure, prepare } from "./prepare.ts";
import type { StartResult } from "./result.ts";
import { persist } from "./retry.ts";
import { runRoom, startRoom } from "./room.ts";
import { steadyRunning } from "./steady.ts";
import { cycleRows, outcomeOf, peaksOf } from "./summarise.ts";

/** A start studied at the centre of what is known: what happened, and what was taken for granted. Judged by `assess`. */
export interface StartStudy {
  readonly result: StartResult;
  readonly assumptions: readonly Assumption[];
}

/** Studies one case: fits the motor, simulates the start and its retries, finds what is to spare. Deterministic. */
export function studyStart(given: StartCase): Result<StartStudy, PrepareFailure> {
  return computed(() => {
    const prepared = prepare(given);
    if (!prepared.ok) return prepared;
    return ok({ result: runPrepared(prepared.value, given.unit.plugIn === true), assumptions: prepared.value.assumptions.list });
  });
}

/** Simulates a case already put together. */
function runPrepared(prepared: PreparedStart, plugIn = false): StartResult {
  const { assumptions } = prepared;
  const { input, trace, failed } = persist(prepared.input);
  const breaker = breakerRow(trace);
  const battery = batteryUse(input, trace);
  const cycles = cycleRows(trace, input.seconds);
  const { status, reason, startS } = outcomeOf(trace);
  const running = status === "started" ? steadyRunning(input) : null;
  const { room: start, leastVolts } = startRoom(input, trace, assumptions);
  const runBattery = running === null ? null : batteryRunning(input, running);
  const run = running && runRoom(input, running, assumptions);
  const facts = { reason, startS, failed, running, run, breaker, battery: runBattery };
  return {
    status,
    reason,
    startS,
    peak: peaksOf(trace),
    minVolts: cycles.reduce((least, r) => Math.min(least, r.volts), input.source.volts),
    endRadS: trace.endRadS,
    synchronousRadS: synchronousRadS(input.motor),
    running,
    start,
    run,
    leastVolts,
    allowed: currentLimits(input),
    battery: battery && { ...battery, ...runBattery },
    breaker,
    retries: failed,
    limits: limitUse(input, trace, start, run, running),
    energyJ: energyJ(trace),
    aboveRunningS: aboveRunningS(trace, running),
    events: {
      trippedAtS: trace.tripped?.atS ?? null,
      starterOpenedAtS: trace.starterOpenedAtS,
      bypassAtS: trace.bypassAtS,
      capacitorOutAtS: trace.capacitorOutAtS,
    },
    findings: findFindings({ ...prepared, input }, trace, facts, plugIn),
    cycles,
  };
}
