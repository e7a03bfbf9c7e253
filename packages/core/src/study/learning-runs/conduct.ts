import { assertNever } from "../../quantity/index.ts";
import { LEARNING_RUN_PARAMS as P } from "./params.ts";
import type { LearningRule } from "./rule.ts";

/** What happened, in order, at which time of the clock, ms. `call`: cooling was asked for; `clock`: the clock was found set back. */
export interface RunEvent {
  readonly at: number;
  readonly what: "call" | "start" | "stop" | "clock";
  /** Peak of the start, A, where one was read; on a stop or a start. */
  readonly peakA?: number | null | undefined;
  /** Why a run does not count: it did not come to speed, or was ended by hand or by the source. */
  readonly failed?: boolean | undefined;
}

type RunPhase =
  | { readonly phase: "ready" }
  | { readonly phase: "running"; readonly sinceMs: number; readonly untilMs: number }
  | { readonly phase: "resting"; readonly sinceMs: number; readonly untilMs: number }
  | { readonly phase: "done" };

/** Where a unit's learning stands at a moment. */
export interface RunState {
  readonly now: RunPhase;
  /** Since when cooling has been asked for without a start; null where it is not, or runs. */
  readonly calledMs: number | null;
  /** Runs that count: made, and neither they nor the rest before them shorter than the rule asks. */
  readonly counted: number;
  readonly failed: number;
  /** Runs that were made and do not count. */
  readonly short: number;
  /** Places of the events that ended the runs that count, in their order. */
  readonly countedAt: readonly number[];
  /** Peaks of the counted runs, null where none was read. */
  readonly peaksA: readonly (number | null)[];
  readonly settled: boolean | null;
  /** Share by which the peak moves a run; null where too few were read. */
  readonly movesPerRun: number | null;
  /** What was missed while nobody looked. */
  readonly missed: readonly Missed[];
  /** True when the clock reads earlier than the last event: it was set back. */
  readonly clockBack: boolean;
}

export type Missed =
  | { readonly what: "rest-over"; readonly byS: number }
  | { readonly what: "run-over"; readonly byS: number }
  | { readonly what: "rest-short"; readonly run: number; readonly restS: number; readonly leastS: number }
  | { readonly what: "run-short"; readonly run: number; readonly runS: number; readonly leastS: number };

/** How far back a clock may jump before it is said, ms. */
const JITTER_MS = 2000;

/**
 * Replays the events of one unit's learning up to `nowMs`. All deadlines follow from the events' own
 * times, so that a locked screen, a reload or a pause changes nothing. After a clock was set back, the
 * phase begins anew at that moment: no rest is shortened by it.
 */
export function conduct(rule: LearningRule, events: readonly RunEvent[], nowMs: number): RunState {
  let since: number | null = null;
  let running = false;
  let calledMs: number | null = null;
  let rested: number | null = null;
  let counted = 0;
  let failed = 0;
  let short = 0;
  const countedAt: number[] = [];
  let restWasShort = false;
  const leastRestS = Math.max(P.leastRestS.value, (1 - P.shortShare.value) * rule.restS);
  const leastRunS = (1 - P.shortShare.value) * rule.runS;
  let peak: number | null = null;
  const peaksA: (number | null)[] = [];
  const missed: Missed[] = [];
  for (const [place, event] of events.entries()) {
    const run = counted + failed + short + 1;
    switch (event.what) {
      case "call":
        if (!running) calledMs = event.at;
        break;
      case "start":
        calledMs = null;
        restWasShort = rested !== null && event.at - rested < leastRestS * 1000 && event.at >= rested;
        if (restWasShort && rested !== null)
          missed.push({ what: "rest-short", run, restS: (event.at - rested) / 1000, leastS: leastRestS });
        running = true;
        since = event.at;
        peak = event.peakA ?? null;
        break;
      case "stop":
        calledMs = null;
        if (!running || since === null) break;
        if (event.failed === true) failed += 1;
        else if (event.at - since < leastRunS * 1000) {
          short += 1;
          missed.push({ what: "run-short", run, runS: Math.max(0, (event.at - since) / 1000), leastS: leastRunS });
        } else if (restWasShort) short += 1;
        else {
          counted += 1;
          countedAt.push(place);
          peaksA.push(event.peakA ?? peak);
        }
        running = false;
        since = event.at;
        rested = event.at;
        break;
      case "clock":
        if (since !== null) since = event.at;
        if (calledMs !== null) calledMs = event.at;
        if (rested !== null && !running) rested = event.at;
        break;
      default:
        assertNever(event.what);
    }
  }
  const settled = settledOf(peaksA);
  const enough = counted >= rule.mostRuns || (counted >= rule.runs && settled !== false);
  const latest = events.at(-1)?.at ?? null;
  const clockBack = latest !== null && nowMs < latest - JITTER_MS;
  const now = phaseOf(rule, running, since, enough);
  if (now.phase === "running" && nowMs - now.untilMs > P.overlong.value * 1000)
    missed.push({ what: "run-over", byS: (nowMs - now.untilMs) / 1000 });
  if (now.phase === "resting" && nowMs - now.untilMs > P.overlong.value * 1000)
    missed.push({ what: "rest-over", byS: (nowMs - now.untilMs) / 1000 });
  const over = now.phase === "resting" && nowMs >= now.untilMs;
  const movesPerRun = trendOf(peaksA)?.perRun ?? null;
  return {
    now: over ? { phase: "ready" } : now,
    calledMs,
    counted,
    failed,
    short,
    countedAt,
    peaksA,
    settled,
    movesPerRun,
    missed,
    clockBack,
  };
}

function phaseOf(rule: LearningRule, running: boolean, since: number | null, enough: boolean): RunPhase {
  if (running && since !== null) return { phase: "running", sinceMs: since, untilMs: since + rule.runS * 1000 };
  if (enough) return { phase: "done" };
  if (since === null) return { phase: "ready" };
  return { phase: "resting", sinceMs: since, untilMs: since + rule.restS * 1000 };
}

/**
 * Whether the peaks move no more: by the trend over the last three, which scatter from start to start
 * moves less than a step of learning. Null where fewer were read and these do not show it moving.
 */
export function settledOf(peaksA: readonly (number | null)[]): boolean | null {
  const trend = trendOf(peaksA);
  if (trend === null) return null;
  if (trend.over === 2) return Math.abs(trend.perRun) > P.movingStep.value ? false : null;
  return Math.abs(trend.perRun) <= P.settledTrend.value;
}

/** Share by which the peak moves from run to run, over the last three that were read, or two; null where fewer were. */
function trendOf(peaksA: readonly (number | null)[]): { readonly perRun: number; readonly over: 2 | 3 } | null {
  const read = peaksA.filter((p) => p !== null);
  const [last, before, first] = [read.at(-1), read.at(-2), read.at(-3)];
  if (last === undefined || before === undefined) return null;
  return first === undefined ? { perRun: Math.log(last / before), over: 2 } : { perRun: Math.log(last / first) / 2, over: 3 };
}
