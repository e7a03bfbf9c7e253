import type { Confidence } from "@amp-saver/core/study/confidence";
import {
  ASSUMED,
  type CurrentTimePoint,
  currentTime,
  type StartIssue,
  type StartResult,
  type StartStudy,
} from "@amp-saver/core/study/motor-start";
import type { Method } from "@amp-saver/records";
import { judged } from "./trials.ts";

/** Which sentence answers the question; worded in the interface. */
type AnswerCode =
  | "undervoltage"
  | "engine"
  | "dips"
  | "breaker"
  | "battery"
  | "run-battery"
  | "stalled"
  | "gave-up"
  | "surge-time"
  | "run-over-generator"
  | "run-over-breaker"
  | "run-low-volts"
  | "pull-out"
  | "folded"
  | "may-trip"
  | "just-fits"
  | "fits";

/** One gap and the piece in it, for the headroom picture. */
export interface GapView {
  readonly askedA: number;
  readonly limitA: number | null;
  readonly marginA: number | null;
  readonly toleranceA: number;
  readonly fit: "fits" | "just-fits" | "too-much" | "not-known";
}

/** A line of the start trace, one point a cycle. */
export interface TraceView {
  readonly method: Method;
  readonly points: readonly { readonly t: number; readonly amps: number; readonly volts: number; readonly rpm: number }[];
  readonly startS: number | null;
  readonly endsAtS: number | null;
  readonly status: "started" | "stalled" | "tripped";
  readonly steadyA: number | null;
  readonly steadyV: number | null;
  readonly askedA: number | null;
  readonly lowestV: number;
  readonly peakA: number;
}

/** Everything the check screen shows about one answer, in figures. */
export interface CheckView {
  readonly code: AnswerCode;
  readonly figures: Readonly<Record<string, number>>;
  readonly overall: GapView["fit"];
  readonly decides: "start" | "run";
  readonly start: GapView;
  readonly run: GapView | null;
  readonly trace: TraceView;
  readonly synchronousRpm: number;
  readonly assumptions: StartStudy["assumptions"];
  readonly issues: readonly StartIssue[];
  readonly limits: StartResult["limits"];
  readonly peaks: StartResult["peak"];
  readonly startS: number | null;
  readonly lowestV: number;
  /** For how long the start stays at or above each current, and for how long its source lets it. */
  readonly lasts: readonly CurrentTimePoint[];
  readonly allowed: StartResult["allowed"];
  readonly battery: StartResult["battery"];
  readonly breaker: StartResult["breaker"];
  readonly retries: StartResult["retries"];
  readonly energyJ: number;
  readonly aboveRunningS: number | null;
}

const RPM = 30 / Math.PI;
/** A view in the light of its trials: what holds in fewer than 95 of 100 only just fits. */
export function withTrials(view: CheckView, confidence: Confidence | null): CheckView {
  const overall = judged(view.overall, confidence);
  return overall === view.overall ? view : { ...view, overall, code: view.code === "fits" ? "just-fits" : view.code };
}

/** Turns a study into what is shown. With an `engine` the wave is no longer in step with the rows, and the line is drawn smoother. */
export function checkView(study: StartStudy, method: Method, engine = false): CheckView {
  const { result, verdict } = study;
  const code = answerCode(study);
  const issue = result.issues.find((i) => ISSUE_OF[code]?.includes(i.code));
  return {
    code,
    figures: {
      startSpareA: result.start.marginA ?? 0,
      runSpareA: result.run?.marginA ?? 0,
      askedA: result.start.askedA,
      limitA: result.start.limitA ?? 0,
      runAskedA: result.run?.askedA ?? 0,
      runLimitA: result.run?.limitA ?? 0,
      startS: result.startS ?? 0,
      lowestV: Math.min(...result.cycles.filter((c) => c.volts > 0).map((c) => c.volts)),
      ...issue?.figures,
    },
    overall: verdict.overall,
    decides: verdict.decides,
    start: { ...result.start, fit: verdict.start },
    run: result.run && { ...result.run, fit: verdict.run },
    trace: traceOf(study, method, engine),
    synchronousRpm: result.synchronousRadS * RPM,
    assumptions: study.assumptions.toSorted((a, b) => ASSUMED.indexOf(a.code) - ASSUMED.indexOf(b.code)),
    issues: result.issues,
    limits: result.limits,
    peaks: result.peak,
    startS: result.startS,
    lowestV: result.minVolts,
    lasts: currentTime(result),
    allowed: result.allowed,
    battery: result.battery,
    breaker: result.breaker,
    retries: result.retries,
    energyJ: result.energyJ,
    aboveRunningS: result.aboveRunningS,
  };
}

const ISSUE_OF: Readonly<Partial<Record<AnswerCode, readonly string[]>>> = {
  undervoltage: ["source-undervoltage"],
  engine: ["engine-stalls"],
  dips: ["engine-badly", "contactor-may-drop"],
  breaker: ["breaker-trips"],
  battery: ["battery-low"],
  "run-battery": ["run-battery-low"],
  stalled: ["stalled"],
  "gave-up": ["starter-gave-up"],
  "surge-time": ["surge-time"],
  "run-over-generator": ["run-over-rating"],
  "run-over-breaker": ["run-over-breaker-share"],
  "run-low-volts": ["run-volts-too-low"],
  "pull-out": ["run-pull-out"],
};

function answerCode({ result, verdict }: StartStudy): AnswerCode {
  if (result.reason === "source-undervoltage") return "undervoltage";
  if (result.reason === "engine-stalled") return "engine";
  if (result.reason === "breaker-tripped") return "breaker";
  if (result.reason === "battery-low") return "battery";
  if (result.reason === "starter-gave-up") return "gave-up";
  if (result.reason === "below-speed") return "stalled";
  const stop = result.issues.find((i) => i.severity === "stop")?.code;
  if (stop === "surge-time") return "surge-time";
  if (stop === "run-over-rating") return "run-over-generator";
  if (stop === "run-over-breaker-share") return "run-over-breaker";
  if (stop === "run-battery-low") return "run-battery";
  if (stop === "run-volts-too-low") return "run-low-volts";
  if (stop === "run-pull-out") return "pull-out";
  if (result.start.foldedBack) return "folded";
  if (result.issues.some((i) => i.code === "breaker-may-trip")) return "may-trip";
  if (verdict.start === "just-fits" && result.issues.some((i) => i.code === "engine-badly" || i.code === "contactor-may-drop"))
    return "dips";
  return verdict.overall === "fits" ? "fits" : "just-fits";
}

/** The trace of a study as a line to draw. */
export function traceOf({ result }: StartStudy, method: Method, engine = false): TraceView {
  const live = result.cycles.filter((c) => result.events.trippedAtS === null || c.t <= result.events.trippedAtS + 1e-9);
  return {
    method,
    points: result.cycles.map((c, i) => ({ t: c.t, amps: shownA(result, i, engine), volts: c.volts, rpm: c.radS * RPM })),
    startS: result.startS,
    endsAtS: result.events.trippedAtS ?? result.events.starterOpenedAtS,
    status: result.status,
    steadyA: result.running?.totalA ?? null,
    steadyV: result.running?.volts ?? null,
    askedA: result.start.foldedBack ? result.start.askedA : null,
    lowestV: Math.min(...live.map((c) => c.volts)),
    peakA: result.peak.cycleRmsA,
  };
}

const SETTLED_CYCLES = 3;

/** Amps of one cycle while it starts; once it is at speed the RMS of six cycles about it, as a clamp reads. */
function shownA({ cycles, startS }: StartResult, index: number, engine: boolean): number {
  const row = cycles[index];
  if (row === undefined) return 0;
  const first = startS === null ? cycles.length : cycles.findIndex((c) => c.t > startS) + SETTLED_CYCLES;
  if (index < first && !engine) return row.rmsA;
  if (index < first) return rms(cycles.slice(Math.max(0, index - 1), index + 2));
  return rms(cycles.slice(Math.max(first - SETTLED_CYCLES, index - SETTLED_CYCLES), index + SETTLED_CYCLES));
}

function rms(rows: readonly { readonly rmsA: number }[]): number {
  return Math.sqrt(rows.reduce((sum, c) => sum + c.rmsA ** 2, 0) / rows.length);
}
