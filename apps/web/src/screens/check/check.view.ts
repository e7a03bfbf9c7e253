import { type AssessedSide, type Assessment, assess } from "@amp-saver/core/study/assess";
import { type Confidence, influences, type Narrowing, narrowings, narrowsMore, type Trial } from "@amp-saver/core/study/confidence";
import {
  ASSUMED,
  type Assumption,
  type CurrentTimePoint,
  currentTime,
  findingOf,
  type StartResult,
  type StartStudy,
} from "@amp-saver/core/study/motor-start";
import type { Method } from "@amp-saver/records";

/** A line of the start trace, one point a cycle. */
export interface TraceView {
  readonly method: Method;
  readonly points: readonly { readonly t: number; readonly amps: number; readonly volts: number; readonly rpm: number }[];
  readonly startS: number | null;
  readonly endsAtS: number | null;
  readonly status: "started" | "stalled" | "tripped";
  readonly steadyA: number | null;
  readonly steadyV: number | null;
  /** What it would draw on a stiff source, where this one sags. */
  readonly drawnA: number | null;
  readonly lowestV: number;
  readonly peakA: number;
}

/** Everything the check screen shows about one answer, in figures. The judgement in it is core's. */
export interface CheckView {
  readonly assessment: Assessment;
  readonly start: AssessedSide;
  readonly run: AssessedSide | null;
  readonly trace: TraceView;
  readonly synchronousRpm: number;
  readonly assumptions: readonly Assumption[];
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

/** What a study shows whatever its tries say. */
type Picture = Omit<CheckView, "assessment" | "start" | "run">;

/** Turns a study and its tries into what is shown; `picture` where it was made before, which takes longest. */
export function checkView(study: StartStudy, confidence: Confidence | null, picture: Picture): CheckView {
  const assessment = assess(study.result, confidence);
  return { ...picture, assessment, start: assessment.start, run: assessment.run };
}

/** Turns a study into what is drawn. With an `engine` the wave is no longer in step with the rows, and the line is drawn smoother. */
export function pictureOfStudy(study: StartStudy, method: Method, engine = false): Picture {
  const { result } = study;
  return {
    trace: traceOf(study, method, engine),
    synchronousRpm: result.synchronousRadS * RPM,
    assumptions: study.assumptions.toSorted((a, b) => ASSUMED.indexOf(a.code) - ASSUMED.indexOf(b.code)),
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

/** What moved the outcome of these tries, most first. */
export const movedBy = (trials: readonly Trial[]): ReturnType<typeof influences> => influences(trials);

/** Which figure, measured, would tell most, by the tries of a view: looked for figure by figure, so that a slow phone answers in between. */
export function* narrowest(trials: readonly Trial[], { assumptions }: CheckView): Generator<undefined, Narrowing | undefined> {
  const found: Narrowing[] = [];
  for (const assumption of assumptions) {
    found.push(...narrowings(trials, [assumption]));
    yield;
  }
  return found.toSorted(narrowsMore)[0];
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
    drawnA: findingOf(result.findings, "source-sags")?.figures.drawnA ?? null,
    lowestV: live.reduce((least, c) => Math.min(least, c.volts), result.minVolts),
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
