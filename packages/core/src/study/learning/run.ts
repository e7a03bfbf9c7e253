import { BREAKER_PARAMS as BREAKER } from "../../device/breaker/index.ts";
import { afterStart, freshMemory, type Memory, SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import { ok, type Result } from "../../quantity/index.ts";
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

/** One start of a row. */
interface LearningStart {
  readonly limitA: number;
  /** Largest cycle RMS of the whole line, amps. */
  readonly peakA: number;
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
  readonly runningA: number | null;
  /** Whether a restart without rest, pressures not equal, would come to speed at the settled limit. */
  readonly restartsHot: boolean;
}

const MOST_STARTS = 8;

/**
 * Start after start of a starter that learns, from its first limit until two in a row agree, each
 * rested. Then one restart without rest, to show why the rest matters.
 */
export function studyLearning(given: StartCase): Result<LearningStudy, PrepareFailure> {
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
    const once = startOnce(input, memory);
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
  const settledA = settledAt === null ? null : memory.limitA;
  return ok({
    starts,
    settledAt,
    settledA,
    directA: drawnA({ ...input, method: { kind: "direct" } }),
    runningA: steadyRunning(input)?.totalA ?? null,
    restartsHot: startOnce(notRested(input), { ...memory, limitA: settledA ?? memory.limitA }).startS !== null,
  });
}

type Once = Omit<LearningStart, "atS" | "breakerHeat"> & { readonly dose: number | null };

function startOnce(input: MotorStartInput, { limitA }: Memory): Once {
  if (input.method.kind !== "soft") throw new Error("only a starter learns");
  const tried: MotorStartInput = { ...input, method: { ...input.method, limitA }, untilDecided: true };
  const trace = simulate(tried);
  return {
    limitA,
    peakA: largestCycleA(trace),
    startS: outcomeOf(trace).startS,
    tripped: outcomeOf(trace).status === "tripped",
    dose: trace.breakerDose?.earliest ?? null,
  };
}
