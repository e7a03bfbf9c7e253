import { fahrenheitFromC, ftFromMetres } from "@amp-saver/core/quantity";
import { type AssessedSide, type Assessment, assess } from "@amp-saver/core/study/assess";
import { BOUNDARY_PARAMS, needsOf, reachOf, type Smallest, smallestOf, turnOf } from "@amp-saver/core/study/boundary";
import { type Confidence, Members, summarise, TRIES_SEED, tryBatch } from "@amp-saver/core/study/confidence";
import type { Assumption, StartCase, StartStudy } from "@amp-saver/core/study/motor-start";

/** What is asked beside the start itself. */
export interface Asked {
  readonly trials?: number | undefined;
  readonly seed?: number | undefined;
  readonly smallest?: boolean | undefined;
}

const MEMBERS = BOUNDARY_PARAMS.members.value;

/** A study, its tries and the smallest that works as `amp-saver/start-result`, version 1. */
export function resultToFile(
  given: StartCase,
  { result, assumptions }: StartStudy,
  { trials = 0, seed = TRIES_SEED, smallest }: Asked,
): object {
  const members = new Members(given.unit, seed);
  const tried = trials === 0 ? null : tryBatch(given, seed, 0, trials, members);
  const tries = tried?.ok ? summarise([tried.value]) : null;
  return {
    format: "amp-saver/start-result",
    version: 1,
    status: result.status,
    reason: result.reason,
    startS: result.startS,
    peak: result.peak,
    minVolts: result.minVolts,
    endRadS: result.endRadS,
    runA: result.running?.totalA ?? null,
    assessment: { ...assessmentToFile(assess(result, tries)), ...turnToFile(given, members, seed, trials) },
    assumed: assumptions.map(({ code, value, low, high, unit, source }: Assumption) => ({ code, value, low, high, unit, source })),
    tries: tries && triesToFile(tries),
    smallest: smallest === true ? smallestToFile(smallestOf(given, needsOf(given, members, seed, 0, MEMBERS))) : null,
    issues: result.findings.map(({ code, severity, figures, source }) => ({ code, severity, figures, source })),
    cycles: result.cycles.map(({ t, rmsA, volts, radS }) => ({ t, rmsA, volts, radS })),
  };
}

function assessmentToFile({ fit, provisional, decides, start, run, leastVolts }: Assessment): object {
  return { fit, provisional, decides, start: sideToFile(start), run: run && sideToFile(run), leastVolts };
}

function sideToFile({ fit, by, neededA, availableA, spareA, spareShare }: AssessedSide): object {
  return { fit, by, neededA, availableA, spareA, spareShare };
}

/** Where the answer turns, by as many members as the interface asks; told with tries only. */
function turnToFile(given: StartCase, members: Members, seed: number, trials: number): object {
  const { outdoorC, altitudeM } = trials === 0 ? { outdoorC: null, altitudeM: null } : turnOf(reachOf(given, members, seed, 0, MEMBERS));
  return {
    stopsAboveF: outdoorC === null ? null : fahrenheitFromC(outdoorC),
    stopsAboveFt: altitudeM === null ? null : ftFromMetres(altitudeM),
  };
}

function triesToFile({ trials, holds, starts, rejectedShare, interval: [low, high] }: Confidence): object {
  return { of: trials, hold: holds, start: starts, rejected: rejectedShare, low, high };
}

function smallestToFile({ runningW, surgeW, breakerA, leastVolts, hottestC, highestM, cord }: Smallest): object {
  return {
    runningW,
    surgeW,
    breakerA,
    leastVolts,
    hottestF: hottestC === null ? null : fahrenheitFromC(hottestC),
    highestFt: highestM === null ? null : ftFromMetres(highestM),
    cord: cord.map(({ awg, mostM }) => ({ awg, mostFt: ftFromMetres(mostM) })),
  };
}
