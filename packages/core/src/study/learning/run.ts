import { BREAKER_PARAMS as BREAKER } from "../../device/breaker/index.ts";
import { afterStart, freshMemory, type Memory, SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import { ok, type Result } from "../../quantity/index.ts";
import { meterShows } from "../clamp/index.ts";
import {
  drawnA,
  largestCycleA,
  type MotorStartInput,
  notRested,
  outcomeOf,
  type PrepareFailure,
  prepare,
  type StartCase,
  simulate,
  steadyRunning,
} from "../motor-start/index.ts";
import type { Conductor, ReadingKind } from "../reading/index.ts";

/** One start of a row. */
interface LearningStart {
  readonly limitA: number;
  /** Largest cycle RMS of the whole line, amps. */
  readonly peakA: number;
  /** What the meter asked about shows of it, amps; null where it shows none. */
  readonly shownA: number | null;
  readonly startS: number | null;
  /** Ended by the source or a breaker, not by the starter. */
  readonly tripped: boolean;
  /** When it begins: after the rest, or after the starter's own delay where the one before stalled, s. */
  readonly atS: number;
  /** Breaker's heat right after it, quick edge of its band, 1 for where it may trip; null where none is judged. */
  readonly breakerHeat: number | null;
}

export interface LearningStudy {
  readonly starts: readonly LearningStart[];
  /** Which start was the first settled one, from 1; null while it is still moving. */
  readonly settledAt: number | null;
  readonly settledA: number | null;
  /** Largest cycle RMS of a direct start on the same source, were it stiff. */
  readonly directA: number;
  /** What the meter asked about shows of that direct start. */
  readonly directShownA: number | null;
  readonly runningA: number | null;
  /** Whether a restart without rest, pressures not equal, would come to speed at the settled limit. */
  readonly restartsHot: boolean;
}

const MOST_STARTS = 8;

/** Which meter watches the starts, and what its jaws are around. */
export interface Watched {
  readonly kind: ReadingKind;
  readonly conductor: Conductor;
}

const USUAL: Watched = { kind: "inrush", conductor: "common" };

/**
 * Start after start of a starter that learns, from its first limit until two in a row agree, each
 * rested, as the circuit sees them and as a meter shows them. Then one restart without rest, to show why
 * the rest matters.
 */
export function studyLearning(given: StartCase, watched: Watched = USUAL): Result<LearningStudy, PrepareFailure> {
  const prepared = prepare({ ...given, method: { kind: "soft" } });
  if (!prepared.ok) return prepared;
  const { input, assumptions } = prepared.value;
  const lockedA = assumptions.list.find((a) => a.code === "locked-amps")?.value ?? 0;
  const starts: LearningStart[] = [];
  let memory = freshMemory(lockedA);
  let settledAt: number | null = null;
  let atS = 0;
  let heat = 0;
  while (starts.length < MOST_STARTS && settledAt === null) {
    const once = startOnce(input, memory, watched);
    heat += once.dose ?? 0;
    const start = { ...once, atS, breakerHeat: once.dose === null ? null : heat };
    starts.push(start);
    const waitS = start.startS === null ? STARTER.delayS.value : STARTER.restS.value;
    atS += waitS;
    heat *= Math.exp(-waitS / BREAKER.coolingS.value);
    const next = afterStart(memory, start.startS);
    if (start.startS !== null && Math.abs(next.limitA / memory.limitA - 1) < STARTER.settledWithin.value) settledAt = starts.length;
    memory = next;
  }
  const direct: MotorStartInput = { ...input, method: { kind: "direct" } };
  const settledA = settledAt === null ? null : memory.limitA;
  return ok({
    starts,
    settledAt,
    settledA,
    directA: drawnA(direct),
    directShownA: meterShows(direct, watched.kind, watched.conductor, null),
    runningA: steadyRunning(input)?.totalA ?? null,
    restartsHot: startOnce(notRested(input), { ...memory, limitA: settledA ?? memory.limitA }, watched).startS !== null,
  });
}

type Once = Omit<LearningStart, "atS" | "breakerHeat"> & { readonly dose: number | null };

function startOnce(input: MotorStartInput, { limitA }: Memory, { kind, conductor }: Watched): Once {
  if (input.method.kind !== "soft") throw new Error("only a starter learns");
  const tried: MotorStartInput = { ...input, method: { ...input.method, limitA }, untilDecided: true };
  const trace = simulate(tried);
  return {
    limitA,
    peakA: largestCycleA(trace),
    shownA: meterShows(tried, kind, conductor, null),
    startS: outcomeOf(trace).startS,
    tripped: outcomeOf(trace).status === "tripped",
    dose: trace.breakerDose?.earliest ?? null,
  };
}
