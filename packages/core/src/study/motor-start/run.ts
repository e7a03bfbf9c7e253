import { synchronousRadS } from "../../device/compressor-motor/index.ts";
import { ok, type Result } from "../../quantity/index.ts";
import type { Assumption } from "./assume.ts";
import { batteryRunning, batteryUse } from "./battery-use.ts";
import { breakerRow } from "./breaker-row.ts";
import type { StartCase } from "./case.ts";
import { currentLimits } from "./current-limits.ts";
import { findIssues } from "./find-issues.ts";
import { runHeadroom, startHeadroom } from "./headroom.ts";
import { aboveRunningS, energyJ, limitUse } from "./limit-use.ts";
import { type PreparedStart, type PrepareFailure, prepare } from "./prepare.ts";
import type { StartResult } from "./result.ts";
import { retriesOf } from "./retry.ts";
import { simulate } from "./simulate.ts";
import { steadyRunning } from "./steady.ts";
import { cycleRows, outcome, peaksOf, startedAtS } from "./summarise.ts";
import { judge, type Verdict } from "./verdict.ts";

/** A start studied: what happened, what it is worth, and what was taken for granted. */
export interface StartStudy {
  readonly result: StartResult;
  readonly verdict: Verdict;
  readonly assumptions: readonly Assumption[];
}

/** Studies one case: fits the motor, simulates the start, judges start and run. Deterministic. */
export function studyStart(given: StartCase): Result<StartStudy, PrepareFailure> {
  const prepared = prepare(given);
  if (!prepared.ok) return prepared;
  const result = runPrepared(prepared.value);
  return ok({ result, verdict: judge(result), assumptions: prepared.value.assumptions.list });
}

/** Simulates and judges a case already put together. */
export function runPrepared(prepared: PreparedStart): StartResult {
  const { input, assumptions } = prepared;
  const trace = simulate(input);
  const breaker = breakerRow(trace);
  const battery = batteryUse(input, trace);
  const cycles = cycleRows(trace);
  const peak = peaksOf(trace, cycles);
  const startS = startedAtS(trace, input);
  const { status, reason } = outcome(trace, startS);
  const started = status === "started";
  const running = started ? steadyRunning(input) : null;
  const start = startHeadroom(input, trace, peak, assumptions);
  const runBattery = running === null ? null : batteryRunning(input, running);
  const run = running && runHeadroom(input, running, assumptions);
  return {
    status,
    reason,
    startS: started ? startS : null,
    peak,
    minVolts: Math.min(...cycles.map((r) => r.volts)),
    endRadS: trace.endRadS,
    synchronousRadS: synchronousRadS(input.machine),
    running,
    start,
    run,
    allowed: currentLimits(input),
    battery: battery && { ...battery, ...runBattery },
    breaker,
    retries: retriesOf(input, trace),
    limits: limitUse(input, trace, start, run, running),
    energyJ: energyJ(trace),
    aboveRunningS: aboveRunningS(trace, running),
    events: {
      trippedAtS: trace.tripped?.atS ?? null,
      starterOpenedAtS: trace.starterOpenedAtS,
      bypassAtS: trace.bypassAtS,
      capacitorOutAtS: trace.capacitorOutAtS,
    },
    issues: findIssues(prepared, trace, { reason, start, running, run, breaker, battery: runBattery }),
    cycles,
  };
}
