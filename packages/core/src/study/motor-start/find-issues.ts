import { LOWEST_PLATE_SHARE, nominalVolts, WARN_NOMINAL_SHARE } from "../../device/compressor-motor/index.ts";
import { shutdownAfterS } from "../../device/engine/index.ts";
import { GENERATOR_PARAMS as GENERATOR } from "../../device/generator/index.ts";
import { LONGEST_IN_CIRCUIT_S } from "../../device/hard-start/index.ts";
import { COMMON_PRACTICE, FROM_MEMORY } from "../../quantity/index.ts";
import { STARTS_IN_A_ROW } from "./breaker-row.ts";
import { carriedW, overstay } from "./carried.ts";
import type { Severity, StartIssue, StartIssueCode } from "./issues.ts";
import type { PreparedStart } from "./prepare.ts";
import type { StartTrace } from "./record.ts";
import type { BatteryUse, BreakerRow, Headroom, StartReason } from "./result.ts";
import type { SteadyRunning } from "./steady.ts";

const UL489 = "UL 489 for the fixed points, typical band from memory between them";

/** What is known of a start when its findings are gathered. */
interface StartFacts {
  readonly reason: StartReason;
  readonly start: Headroom;
  readonly running: SteadyRunning | null;
  readonly run: Headroom | null;
  readonly breaker: BreakerRow | null;
  readonly battery: Pick<BatteryUse, "runA" | "runV"> | null;
}

/** Everything worth saying about a start, hardest first. */
export function findIssues(prepared: PreparedStart, trace: StartTrace, facts: StartFacts): StartIssue[] {
  const { reason, start, breaker } = facts;
  const { input } = prepared;
  const { source } = input;
  const found: StartIssue[] = [];
  const say = (code: StartIssueCode, severity: Severity, figures: Record<string, number>, from: string): void => {
    found.push({ code, severity, figures, source: from });
  };
  if (reason === "below-speed") say("stalled", "stop", { radS: trace.endRadS }, "simulation");
  if (trace.starterOpenedAtS !== null) say("starter-gave-up", "stop", { atS: trace.starterOpenedAtS }, "our model of a regulated starter");
  if (trace.tripped?.by === "source")
    say(
      "source-undervoltage",
      "stop",
      { sinceS: trace.lowSinceS ?? 0, atS: trace.tripped.atS, lowestShare: trace.lowestHold },
      FROM_MEMORY,
    );
  if (trace.tripped?.by === "battery")
    say("battery-low", "stop", { atS: trace.tripped.atS, volts: trace.lowestBankV ?? 0, amps: trace.mostBankA ?? 0 }, FROM_MEMORY);
  if (trace.tripped?.by === "breaker") say("breaker-trips", "stop", { atS: trace.tripped.atS }, UL489);
  else if ((trace.breakerDose?.earliest ?? 0) >= 1) say("breaker-may-trip", "warn", { dose: trace.breakerDose?.earliest ?? 0 }, UL489);
  if (start.foldedBack)
    say("source-folds-back", "warn", { lowestShare: trace.lowestHold, askedA: start.askedA, limitA: start.limitA ?? 0 }, FROM_MEMORY);
  if (trace.tripped?.by === "engine")
    say("engine-stalls", "stop", { atS: trace.tripped.atS, lowestSpeed: trace.lowestSpeed }, COMMON_PRACTICE);
  else if (trace.lowestSpeed < GENERATOR.badlyShare.value) say("engine-badly", "warn", { lowestSpeed: trace.lowestSpeed }, COMMON_PRACTICE);
  if (source.kind === "machine") {
    const lowV = GENERATOR.contactorShare.value * source.volts;
    const lowest = lowestHeldVolts(trace, GENERATOR.contactorS.value);
    if (lowest < lowV) say("contactor-may-drop", "warn", { volts: lowest, limitV: lowV }, FROM_MEMORY);
  }
  if (source.kind !== "circuit") {
    const over = overstay(source, trace);
    if (over !== null) say("surge-time", "stop", { seconds: over.seconds, limitS: over.limitS, watts: over.watts }, "the source's sheet");
    if (source.eco) say("eco-mode", "note", {}, COMMON_PRACTICE);
  }
  if (trace.capacitorOutAtS === null && input.method.kind === "hard")
    say("start-capacitor-long", "warn", { limitS: LONGEST_IN_CIRCUIT_S }, FROM_MEMORY);
  if (breaker?.mayTripAt != null && breaker.mayTripAt > 1 && breaker.mayTripAt <= STARTS_IN_A_ROW)
    say("breaker-warms", "note", { starts: breaker.mayTripAt, restS: breaker.restS }, UL489);
  if (reason === "at-speed") runIssues(say, prepared, facts);
  return found;
}

function runIssues(
  say: (code: StartIssueCode, severity: Severity, figures: Record<string, number>, from: string) => void,
  prepared: PreparedStart,
  { running, run, battery }: StartFacts,
): void {
  const { input, runningMet } = prepared;
  const { source } = input;
  if (running === null || run === null) {
    say("run-pull-out", "stop", { volts: source.volts }, "simulation");
    return;
  }
  if (run.marginA !== null && run.marginA <= 0) {
    if (source.kind !== "circuit")
      say(
        "run-over-rating",
        "stop",
        {
          watts: running.watts,
          limitW: carriedW(source),
          askedA: run.askedA,
          limitA: run.limitA ?? 0,
          ...stopsAfter(running.watts / carriedW(source), source.kind === "electronic" && source.battery !== null),
        },
        "the source's rated watts, derated",
      );
    else
      say(
        "run-over-breaker-share",
        "stop",
        { askedA: run.askedA, limitA: run.limitA ?? 0 },
        "NEC 210.20(A), from memory: 80 % for three hours and more",
      );
  }
  if (battery?.runV != null && source.kind === "electronic" && source.battery !== null && battery.runV < source.battery.cutOffV)
    say(
      "run-battery-low",
      "stop",
      { volts: battery.runV, limitV: source.battery.cutOffV, amps: battery.runA ?? 0 },
      "the inverter's own cut-off",
    );
  const stopV = LOWEST_PLATE_SHARE * input.plateVolts;
  const warnV = WARN_NOMINAL_SHARE * nominalVolts(input.plateVolts, input.machine.hz);
  if (running.volts < stopV) say("run-volts-too-low", "stop", { volts: running.volts, limitV: stopV }, COMMON_PRACTICE);
  else if (running.volts < warnV) say("run-volts-low", "warn", { volts: running.volts, limitV: warnV }, COMMON_PRACTICE);
  if (!runningMet) say("run-current-not-met", "note", { askedA: running.compressorA }, "simulation");
}

/** Lowest volts that were held for at least `heldS` while the source was live. */
function lowestHeldVolts(trace: StartTrace, heldS: number): number {
  const span = Math.max(1, Math.ceil(heldS / trace.halfCycleS));
  const live = trace.tripped === null ? trace.halfCycles : Math.floor(trace.tripped.atS / trace.halfCycleS);
  let lowest = Number.POSITIVE_INFINITY;
  for (let j = span - 1; j < live; j++) lowest = Math.min(lowest, Math.max(...trace.meter.volts.subarray(j - span + 1, j + 1)));
  return lowest;
}

/** When a generator shuts down by the usual curve; nothing where it never does, or where a bank's inverter decides. */
function stopsAfter(share: number, onBank: boolean): { readonly afterS?: number } {
  const afterS = shutdownAfterS(share);
  return onBank || !Number.isFinite(afterS) ? {} : { afterS };
}
