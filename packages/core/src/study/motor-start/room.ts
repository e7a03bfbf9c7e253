import { carriesA, roomFactor } from "../../device/breaker/index.ts";
import { LOWEST_PLATE_SHARE } from "../../device/compressor-motor/index.ts";
import { GENERATOR_PARAMS as SET } from "../../device/generator/index.ts";
import { SOFT_STARTER_PARAMS as STARTER } from "../../device/soft-starter/index.ts";
import type { Assumptions } from "./assume.ts";
import { bankRoom } from "./battery-use.ts";
import { overstay } from "./carried.ts";
import type { MotorStartInput } from "./input.ts";
import { isMade, onlyOutcome } from "./made.ts";
import type { StartTrace } from "./record.ts";
import type { Room, RoomBy } from "./result.ts";
import { simulate } from "./simulate.ts";
import { modelOf } from "./source/index.ts";
import type { SteadyRunning } from "./steady.ts";
import { largestCycleA, outcomeOf } from "./summarise.ts";

/** Halvings once it is known between which two sizes it turns; with the middle of the last two, to some one or two in a hundred. */
const HALVINGS = 4;
/** The same for volts. */
const VOLTS_DOWN = [0.88, 0.72, 0.55] as const;
const VOLTS_UP = [1.12, 1.4] as const;
/** Time in which a stiff supply shows what a motor draws at standstill, s. */
const DRAWN_S = 0.25;
/** Time for which a breaker is to carry a unit, s. */
export const CARRIED_S = 3 * 3600;

/** What a start would draw were its source stiff, largest cycle, A. */
export function drawnA(input: MotorStartInput): number {
  const { source } = input;
  const stiff: MotorStartInput["source"] = {
    kind: "circuit",
    volts: source.volts,
    seriesOhm: source.cordOhm,
    cordOhm: source.cordOhm,
    seriesH: 0,
    closingDeg: source.closingDeg,
    manager: null,
    breakerA: null,
    band: null,
  };
  const seconds = input.method.kind === "soft" ? 0 : DRAWN_S;
  return largestCycleA(simulate({ ...input, seconds, untilDecided: input.method.kind === "soft", source: stiff }));
}

/** The least size, on a scale from `low` to `high` on which larger is better, at which something holds; null where none does. */
export function leastThat(holds: (size: number) => boolean, low: number, high: number, tries: number): number | null {
  return holds(high) ? halved(holds, low, high, tries)[1] : null;
}

/** Halves, in ratio, between a size at which something does not hold and one at which it does; both as near as it comes. */
function halved(holds: (size: number) => boolean, low: number, high: number, tries: number): readonly [bad: number, good: number] {
  let bad = Math.log(low);
  let good = Math.log(high);
  for (let k = 0; k < tries; k++) {
    const middle = (bad + good) / 2;
    if (holds(Math.exp(middle))) good = middle;
    else bad = middle;
  }
  return [Math.exp(bad), Math.exp(good)];
}

/** Sizes tried from the one there is downwards while it holds, and upwards while it does not. */
const DOWN = [0.6, 0.36, 0.2] as const;
const UP = [1.3, 1.8, 2.8, 5] as const;

/** The least size about the one there is; null where not even the largest tried does. */
function leastAbout(holdsNow: boolean, holds: (size: number) => boolean, down: readonly number[], up: readonly number[]): number | null {
  let last = 1;
  for (const size of holdsNow ? down : up) {
    if (holds(size) !== holdsNow) {
      const [bad, good] = halved(holds, holdsNow ? size : last, holdsNow ? last : size, HALVINGS);
      return Math.sqrt(bad * good);
    }
    last = size;
  }
  return holdsNow ? last : null;
}

/** A start with this source and this limit, without further tries of a starter. */
function makesAtOnce(input: MotorStartInput, source: MotorStartInput["source"]): boolean {
  const tried = onlyOutcome({ ...input, source });
  return isMade({ input: tried, trace: simulate(tried) });
}

const NOTHING = Number.POSITIVE_INFINITY;

interface Limit {
  readonly by: RoomBy;
  /** Share of the source that is to spare; negative where it is not enough. */
  readonly share: number;
}

/** Room and the least volts on which a start is made; null volts where no volts decide, or none do. */
export interface StartRoom {
  readonly room: Room;
  readonly leastVolts: number | null;
}

/**
 * How much smaller the source could be for this start still to be made, as a share: found by trying. On a
 * circuit the smaller of two counts: the breaker's, and the torque's, by the least volts that do.
 */
export function startRoom(input: MotorStartInput, trace: StartTrace, assumptions: Assumptions): StartRoom {
  const { source } = input;
  const started = outcomeOf(trace).status === "started";
  const peakA = largestCycleA(trace);
  const { startLimitA: availableA, turns } = modelOf(source);
  if (availableA === null) return circuitRoom(input, trace, peakA, started, assumptions);
  const made = started && overstay(source, trace) === null;
  const size = leastAbout(made, (share) => makesAtOnce(input, modelOf(source).scaled(share)), DOWN, UP);
  const limitTolerance = Math.hypot(
    assumptions.tolerance("momentary-limit"),
    assumptions.tolerance("surge-watts"),
    turns ? SET.makeUpTolerance.value : 0,
  );
  const neededA = (size ?? 1) * availableA;
  const toleranceA = Math.hypot(startSpread(input, assumptions) * neededA, limitTolerance * availableA);
  const room = size === null ? { ...none(peakA), toleranceA } : roomOf({ by: "source", share: 1 - size }, neededA, toleranceA);
  return { room, leastVolts: null };
}

function circuitRoom(input: MotorStartInput, trace: StartTrace, peakA: number, started: boolean, assumptions: Assumptions): StartRoom {
  const { source } = input;
  const { breaker, atVolts } = modelOf(source);
  const at = (share: number): boolean => makesAtOnce(input, atVolts(source.volts * share));
  const least = leastAbout(started, at, VOLTS_DOWN, VOLTS_UP);
  const toleranceA = startSpread(input, assumptions) * peakA;
  const limits: Limit[] = least === null ? [{ by: "torque", share: -NOTHING }] : [{ by: "torque", share: 1 - least }];
  if (breaker !== null) {
    const until = Math.min(trace.halfCycles, Math.round(trace.decidedAtS / trace.halfCycleS));
    const factor = roomFactor(breaker.ratingA, breaker.band, trace.meter.rmsA.subarray(0, until), trace.halfCycleS, input.breakerEdge);
    limits.push({ by: "breaker", share: 1 - 1 / factor });
  }
  const tightest = limits.reduce((a, b) => (b.share < a.share ? b : a));
  const leastVolts = least === null ? null : least * source.volts;
  if (tightest.share === -NOTHING) return { room: { ...none(peakA), by: "torque", toleranceA }, leastVolts };
  const needed = tightest.by === "breaker" ? peakA : peakA * (started ? 1 : Math.max(1, least ?? 1));
  return { room: roomOf(tightest, needed, toleranceA), leastVolts };
}

function startSpread({ method }: MotorStartInput, assumptions: Assumptions): number {
  return method.kind === "soft"
    ? Math.hypot(STARTER.limitTolerance.value, assumptions.tolerance("starter-limit") * STARTER.limitOnPeak.value)
    : assumptions.tolerance("locked-amps");
}

/** Room where a share is to spare: what there is are the amps of this very load at which nothing is left. */
function roomOf({ by, share }: Limit, neededA: number, toleranceA: number): Room {
  const availableA = neededA / (1 - share);
  return { by, neededA, availableA, spareA: availableA - neededA, spareShare: share, toleranceA };
}

function none(neededA: number): Room {
  return { by: "none", neededA, availableA: null, spareA: null, spareShare: null, toleranceA: 0 };
}

/**
 * How much smaller the source could be for the unit to keep running: the smallest share of what a
 * breaker carries for three hours, of rated watts, of a bank, and of the volts at the unit.
 */
export function runRoom(input: MotorStartInput, running: SteadyRunning, assumptions: Assumptions | null = null): Room {
  const { source } = input;
  const limits: Limit[] = [{ by: "volts", share: voltsShare(input, running, LOWEST_PLATE_SHARE * input.plateVolts) }];
  if (source.manager !== null) limits.push({ by: "manager", share: voltsShare(input, running, source.manager.lowV) });
  let tolerance = (assumptions?.tolerance("running-amps") ?? 0) * running.compressorA;
  const { breaker, carriedW } = modelOf(source);
  if (breaker !== null)
    limits.push({ by: "breaker", share: 1 - running.totalA / carriesA(breaker.ratingA, breaker.band, CARRIED_S, input.breakerEdge) });
  if (carriedW !== null) {
    limits.push({ by: "watts", share: 1 - running.watts / carriedW });
    limits.push(...bankRoom(source, running));
    tolerance = Math.hypot(tolerance, (assumptions?.tolerance("running-watts") ?? 0) * running.totalA * 0.5);
  }
  return roomOf(
    limits.reduce((a, b) => (b.share < a.share ? b : a)),
    running.totalA,
    tolerance,
  );
}

/** Least of what is needed that can be left by low volts: below it there is simply nothing. */
const LEAST_LEFT = 0.1;

/** Share of the amps that could still flow before the volts at the unit fall to a limit. */
function voltsShare({ source, motor }: MotorStartInput, { totalA, volts }: SteadyRunning, lowestV: number): number {
  const ohm = Math.hypot(...modelOf(source).steadySeries(motor.hz));
  if (ohm === 0) return volts >= lowestV ? 1 - 1e-9 : 1 - 1 / LEAST_LEFT;
  return 1 - totalA / Math.max(LEAST_LEFT * totalA, totalA + (volts - lowestV) / ohm);
}
