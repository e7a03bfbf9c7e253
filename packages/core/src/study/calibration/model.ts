import { type Split, TYPICAL_SPLIT } from "../../device/compressor-motor/index.ts";
import { quantity } from "../../quantity/index.ts";
import {
  type CycleRow,
  cycleRows,
  outcomeOf,
  peaksOf,
  persist,
  prepare,
  type StartCase,
  type StartPeaks,
  steadyRunning,
} from "../motor-start/index.ts";
import type { MeasuredKind, MeasuredReading } from "./input.ts";

/** Logarithms of what is fitted, over what plate and typical values say. */
export type Moves = readonly [locked: number, inertia: number, running: number];
export const NO_MOVES: Moves = [0, 0, 0];

/** What the plate and typical values say, to be moved. */
export interface Base {
  readonly lockedRotorA: number;
  readonly runningA: number;
  readonly split: Partial<Split>;
}

/** A conductor behind the fan carries nothing of it. */
const NO_FAN = quantity(0, "measured", 0);

/** A start with its unit moved; the fan counted only where the jaws were on the supply. */
export function movedStart(start: StartCase, base: Base, moves: Moves, conductor: MeasuredReading["conductor"]): StartCase {
  const { fanA, ...unit } = start.unit;
  const inertiaPerShaftW = (base.split.inertiaPerShaftW ?? TYPICAL_SPLIT.inertiaPerShaftW) * Math.exp(moves[1]);
  return {
    ...start,
    backgroundA: 0,
    unit: {
      ...unit,
      ...(conductor === "supply" ? fanA !== undefined && { fanA } : { fanA: NO_FAN }),
      lockedRotorA: quantity(base.lockedRotorA * Math.exp(moves[0]), "measured"),
      runningA: quantity(base.runningA * Math.exp(moves[2]), "measured"),
      split: { ...base.split, inertiaPerShaftW },
      seenToStart: false,
    },
  };
}

/** What a meter could have shown of a start, and the whole of it, cycle by cycle. */
export interface Metered {
  readonly peak: StartPeaks;
  readonly cycles: readonly CycleRow[];
  readonly runningA: number | null;
}

/** A moved start simulated, null where it cannot be put together. */
export function resultOf(start: StartCase): Metered | null {
  const prepared = prepare(start);
  if (!prepared.ok) return null;
  const { input, trace } = persist(prepared.value.input);
  const running = outcomeOf(trace).status === "started" ? steadyRunning(input) : null;
  return { peak: peaksOf(trace), cycles: cycleRows(trace, input.seconds), runningA: running?.totalA ?? null };
}

/** What the model's meter would show, A; null when such a start does not come to it. */
export function shownA(result: Metered, kind: MeasuredKind): number | null {
  switch (kind) {
    case "inrush":
      return result.peak.inrush100msA;
    case "max-hold":
      return result.peak.maxHoldA;
    case "first-half-cycle":
      return result.peak.firstHalfCycleA;
    case "live":
      return result.runningA;
  }
}
