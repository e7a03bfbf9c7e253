import { bandSeconds } from "../../device/breaker/index.ts";
import { LOWEST_PLATE_SHARE, nominalVolts, WARN_NOMINAL_SHARE } from "../../device/compressor-motor/index.ts";
import { shutdownAfterS } from "../../device/engine/index.ts";
import { GENERATOR_PARAMS as GENERATOR } from "../../device/generator/index.ts";
import { LONGEST_IN_CIRCUIT_S } from "../../device/hard-start/index.ts";
import { COMMON_PRACTICE, FROM_MEMORY, present } from "../../quantity/index.ts";
import { STARTS_IN_A_ROW } from "./breaker-row.ts";
import { overstay } from "./carried.ts";
import { brokenRules } from "./code-rules.ts";
import type { MotorStartInput } from "./input.ts";
import { type Finding, type FindingFigures, finding } from "./issues.ts";
import type { PreparedStart } from "./prepare.ts";
import type { StartTrace } from "./record.ts";
import type { BatteryUse, BreakerRow, Retry, Room, StartReason } from "./result.ts";
import { CARRIED_S, drawnA } from "./room.ts";
import { modelOf } from "./source/index.ts";
import type { SteadyRunning } from "./steady.ts";

const UL489 = "UL 489 for the fixed points, typical band from memory between them";

/** What is known of a start when its findings are gathered. */
export interface StartFacts {
  readonly reason: StartReason;
  readonly startS: number | null;
  readonly failed: readonly Retry[];
  readonly running: SteadyRunning | null;
  readonly run: Room | null;
  readonly breaker: BreakerRow | null;
  readonly battery: Pick<BatteryUse, "runA" | "runV"> | null;
}

/** Everything worth saying about a start, hardest first. */
export function findFindings(prepared: PreparedStart, trace: StartTrace, facts: StartFacts, plugIn: boolean): readonly Finding[] {
  const { input } = prepared;
  return [
    ...endings(prepared, trace, facts),
    ...warnings(prepared, trace, facts),
    ...(facts.reason === "at-speed" ? runFindings(prepared, facts) : []),
    ...(facts.running === null ? [] : brokenRules(input, facts.running, plugIn)),
  ];
}

/** What ended a start that was not made, or how many tries it took. */
function endings({ input }: PreparedStart, trace: StartTrace, { reason, startS, failed }: StartFacts): readonly Finding[] {
  const { method } = input;
  const limitA = method.kind === "soft" ? method.limitA : 0;
  const atS = trace.tripped?.atS ?? trace.starterOpenedAtS ?? trace.decidedAtS;
  switch (reason) {
    case "at-speed":
      return failed.length === 0 || startS === null
        ? []
        : [finding("starter-retries", "note", { tries: failed.length + 1, limitA, startS }, "our model of a regulated starter")];
    case "below-speed":
      return [finding("stalled", "stop", stalledOn(input, trace), "simulation")];
    case "overload-opened":
      return [finding("overload-opens", "stop", { atS, amps: lastA(trace) }, FROM_MEMORY)];
    case "starter-gave-up":
      return [finding("starter-gave-up", "stop", { atS, tries: failed.length + 1, limitA }, "our model of a regulated starter")];
    case "source-undervoltage":
      return [finding("source-undervoltage", "stop", { sinceS: trace.lowSinceS ?? atS, atS, lowestShare: trace.lowestHold }, FROM_MEMORY)];
    case "engine-stalled":
      return [finding("engine-stalls", "stop", { atS, lowestSpeed: trace.lowestSpeed }, COMMON_PRACTICE)];
    case "breaker-tripped":
      return [finding("breaker-trips", "stop", { atS }, UL489)];
    case "battery-low":
      return trace.lowestBankV === null || trace.mostBankA === null
        ? []
        : [finding("battery-low", "stop", { atS, volts: trace.lowestBankV, amps: trace.mostBankA }, FROM_MEMORY)];
    case "manager-cut-out":
      return input.source.manager === null ? [] : [finding("manager-cuts-out", "stop", { atS, ...input.source.manager }, COMMON_PRACTICE)];
  }
}

/** Largest current of the compressor over the last moments before a start was given up, A. */
function lastA(trace: StartTrace): number {
  const until = Math.min(trace.halfCycles, Math.round(trace.decidedAtS / trace.halfCycleS));
  return Math.max(0, ...trace.meter.compressorA.subarray(Math.max(0, until - 12), until));
}

/** What goes on after a stall: locked amps until the compressor's own overload opens, or the breaker trips first. */
function stalledOn(input: MotorStartInput, trace: StartTrace): FindingFigures["stalled"] {
  const amps = lastA(trace);
  const { source, overloadS, lockedRotorA } = input;
  const overloadOpensS =
    overloadS === null ? null : trace.decidedAtS + ((1 - trace.overloadDose) * overloadS) / Math.max(1e-6, (amps / lockedRotorA) ** 2);
  const { breaker } = modelOf(source);
  if (breaker === null) return { amps, overloadOpensS, breakerTripsS: null };
  const after = bandSeconds(breaker.ratingA, breaker.band, amps, input.breakerEdge);
  return { amps, overloadOpensS, breakerTripsS: Number.isFinite(after) ? after : null };
}

function warnings({ input }: PreparedStart, trace: StartTrace, { breaker }: StartFacts): readonly Finding[] {
  const { source } = input;
  const { startLimitA, turns, eco } = modelOf(source);
  const found: Finding[] = [];
  if (!endedIt(trace) && trace.breakerDose !== null && trace.breakerDose.earliest >= 1)
    found.push(finding("breaker-may-trip", "warn", { dose: trace.breakerDose.earliest }, UL489));
  if (startLimitA !== null && trace.lowestHold < 1) {
    const figures = {
      lowestShare: trace.lowestHold,
      lowestV: trace.lowestHold * source.volts,
      drawnA: drawnA(input),
      availableA: startLimitA,
    };
    found.push(finding("source-sags", "warn", figures, FROM_MEMORY));
  }
  if (turns) {
    if (!endedIt(trace) && trace.lowestSpeed < GENERATOR.badlyShare.value)
      found.push(finding("engine-badly", "warn", { lowestSpeed: trace.lowestSpeed }, COMMON_PRACTICE));
    const limitV = GENERATOR.contactorShare.value * source.volts;
    const volts = lowestHeldVolts(trace, GENERATOR.contactorS.value);
    if (volts < limitV) found.push(finding("contactor-may-drop", "warn", { volts, limitV }, FROM_MEMORY));
  }
  const over = overstay(source, trace);
  if (over !== null) found.push(finding("surge-time", "stop", over, "the source's sheet"));
  if (eco) found.push(finding("eco-mode", "note", {}, COMMON_PRACTICE));
  if ((trace.capacitorOutAtS ?? Number.POSITIVE_INFINITY) > trace.decidedAtS && input.method.kind === "hard")
    found.push(finding("start-capacitor-long", "warn", { limitS: LONGEST_IN_CIRCUIT_S }, FROM_MEMORY));
  if (breaker?.mayTripAt != null && breaker.mayTripAt > 1 && breaker.mayTripAt <= STARTS_IN_A_ROW)
    found.push(finding("breaker-warms", "note", { starts: breaker.mayTripAt, restS: breaker.restS }, UL489));
  return found;
}

function runFindings({ input, runningMet }: PreparedStart, { running, run, battery }: StartFacts): readonly Finding[] {
  const { source } = input;
  if (running === null || run === null) return [finding("run-pull-out", "stop", { volts: source.volts }, "simulation")];
  const found: Finding[] = [];
  const { breaker, bank, carriedW: limitW } = modelOf(source);
  if (breaker !== null) {
    const { ratingA, band } = breaker;
    const afterS = bandSeconds(ratingA, band, running.totalA, input.breakerEdge);
    if (afterS < CARRIED_S) found.push(finding("run-breaker-trips", "stop", { amps: running.totalA, ratingA, afterS }, UL489));
  }
  if (limitW !== null && running.watts > limitW) {
    const afterS = shutdownAfterS(running.watts / limitW);
    const figures = {
      watts: running.watts,
      limitW,
      neededA: running.totalA,
      availableA: (running.totalA * limitW) / running.watts,
      afterS: bank !== null || !Number.isFinite(afterS) ? null : afterS,
    };
    found.push(finding("run-over-rating", "stop", figures, "the source's rated watts, derated"));
  }
  if (bank !== null && battery?.runV != null && battery.runA !== null) {
    const { cutOffV, bms } = bank;
    if (battery.runV < cutOffV)
      found.push(
        finding("run-battery-low", "stop", { volts: battery.runV, limitV: cutOffV, amps: battery.runA }, "the inverter's own cut-off"),
      );
    if (bms !== null && battery.runA > bms.continuousA)
      found.push(finding("run-bms", "stop", { amps: battery.runA, limitA: bms.continuousA }, "the bank's BMS"));
  }
  if (source.manager !== null && running.volts < source.manager.lowV)
    found.push(finding("run-manager", "stop", { volts: running.volts, limitV: source.manager.lowV }, COMMON_PRACTICE));
  const stopV = LOWEST_PLATE_SHARE * input.plateVolts;
  const warnV = WARN_NOMINAL_SHARE * nominalVolts(input.plateVolts, input.motor.hz);
  if (running.volts < stopV) found.push(finding("run-volts-too-low", "stop", { volts: running.volts, limitV: stopV }, COMMON_PRACTICE));
  else if (running.volts < warnV) found.push(finding("run-volts-low", "warn", { volts: running.volts, limitV: warnV }, COMMON_PRACTICE));
  if (!runningMet) found.push(finding("run-current-not-met", "note", { amps: running.compressorA }, "simulation"));
  return found;
}

/** Whether something tripped before it was known how the start ends; what trips later, in what is only shown, ends nothing. */
function endedIt({ tripped, decidedAtS }: StartTrace): boolean {
  return tripped !== null && tripped.atS <= decidedAtS;
}

/** Lowest volts that were held for at least `heldS` while the source was live. */
function lowestHeldVolts(trace: StartTrace, heldS: number): number {
  const span = Math.max(1, Math.ceil(heldS / trace.halfCycleS));
  const until = endedIt(trace) ? present(trace.tripped).atS : trace.decidedAtS;
  const live = Math.min(trace.halfCycles, Math.floor(until / trace.halfCycleS + 1e-6));
  let lowest = Number.POSITIVE_INFINITY;
  for (let j = span - 1; j < live; j++) lowest = Math.min(lowest, Math.max(...trace.meter.volts.subarray(j - span + 1, j + 1)));
  return lowest;
}
