import { carriesA } from "../../device/breaker/index.ts";
import { deratingShares } from "../../device/engine/index.ts";
import {
  CARRIED_S,
  isEngine,
  leastThat,
  type MotorStartInput,
  makes,
  modelOf,
  type PreparedUnit,
  prepareWith,
  runRoom,
  type StartCase,
  steadyRunning,
} from "../motor-start/index.ts";

/** A member put together for a case. */
export interface Prepared {
  readonly input: MotorStartInput;
  /** Share of its engine's rating that is left at a height and in an air, over what is left in this case; 1 where none is lost. */
  readonly leftAt: (altitudeM: number, outdoorC: number) => number;
}

/** Puts a case together with one drawn unit; null where it cannot be. */
export function prepareMember(given: StartCase, unit: PreparedUnit, seed: number, i: number): Prepared | null {
  const prepared = prepareWith(given, unit, { kind: "drawn", seed, member: i, attempt: 0 });
  if (!prepared.ok) return null;
  const { source } = given;
  if (!isEngine(source)) return { input: prepared.value.input, leftAt: () => 1 };
  const rule = source.derating;
  const share = (altitudeM: number, outdoorC: number): number => deratingShares(altitudeM, outdoorC, rule).all;
  const altitudeM = source.altitudeM ?? 0;
  const here = Math.max(1e-6, share(altitudeM, given.outdoorC));
  return { input: prepared.value.input, leftAt: (m, c) => share(m, c) / here };
}

/** Whether a member keeps running in an air, on so much of its source. */
export function runsAt(input: MotorStartInput, outdoorC: number, size: number): boolean {
  const tried = { ...input, outdoorC, source: modelOf(input.source).scaled(size) };
  const running = steadyRunning(tried);
  return running !== null && (runRoom(tried, running).spareShare ?? 0) > 0;
}

/** Sizes looked between, over the source there is, and how often. */
const LEAST = 0.08;
const MOST = 8;
const LOOKS = 8;

/** The least size of its source, over the one there is, on which a member's start is made; null where none does. */
export function startSize(input: MotorStartInput): number | null {
  return leastThat((size) => makes({ ...input, source: modelOf(input.source).scaled(size) }), LEAST, MOST, LOOKS);
}

/** The least size of its source on which a member keeps running, in this air; null where none does. */
export function runSize(input: MotorStartInput): number | null {
  return leastThat((size) => runsAt(input, input.outdoorC, size), LEAST, MOST, 2 * LOOKS);
}

/** Volts looked between, over those there are: from the first of the upper ends at which it holds; on still more a motor hunts. */
const VOLTS_LEAST = 0.6;
const VOLTS_MOST = [1, 1.1] as const;

/** The least volts of its circuit, at the outlet, on which a member starts and keeps running, its breaker apart. */
export function leastVolts(input: MotorStartInput): number | null {
  const { source } = input;
  const { startLimitA, atVolts } = modelOf(source);
  if (startLimitA !== null) return null;
  const at = (share: number): MotorStartInput => ({ ...input, source: atVolts(share * source.volts) });
  const holds = (s: number): boolean => runsAt(at(s), input.outdoorC, 1) && makes(at(s));
  const top = VOLTS_MOST.find(holds);
  const share = top === undefined ? null : leastThat(holds, VOLTS_LEAST, top, LOOKS);
  return share === null ? null : share * source.volts;
}

/** The most resistance of cords with which a member starts and keeps running; null where it does not even without. */
export function mostCordOhm(input: MotorStartInput, most: number): number | null {
  const { source } = input;
  const at = (ohm: number): MotorStartInput => ({
    ...input,
    source: { ...source, seriesOhm: source.seriesOhm + ohm, cordOhm: source.cordOhm + ohm },
  });
  const stands = (ohm: number): boolean => runsAt(at(ohm), input.outdoorC, 1) && makes(at(ohm));
  if (!stands(0)) return null;
  const inverse = leastThat((k) => stands(1 / k), 1 / most, 1 / LEAST_OHM, LOOKS);
  return inverse === null ? 0 : 1 / inverse;
}

/** Resistance below which a cord is as good as none, ohm. */
const LEAST_OHM = 0.01;

/** The least rating of a breaker that stands a member's start and carries it; null where it does not start. */
export function leastBreakerA(input: MotorStartInput): number | null {
  const { source } = input;
  const { breaker, atVolts, scaled } = modelOf(source);
  if (breaker === null) return null;
  const { ratingA: rating, band } = breaker;
  const bare = { ...input, source: atVolts(source.volts) };
  const running = steadyRunning(bare);
  if (running === null || !runsAt(bare, input.outdoorC, 1)) return null;
  const carried = running.totalA / (carriesA(rating, band, CARRIED_S, input.breakerEdge) / rating);
  const size = leastThat((s) => makes({ ...input, source: scaled(s) }), LEAST, MOST, LOOKS);
  return size === null ? null : Math.max(carried, size * rating);
}

/** The greatest x of a range for which something holds that only gets worse with x; null where it does not even at its foot. */
export function lastThat(holds: (x: number) => boolean, from: number, to: number, looks = 10): number | null {
  if (holds(to)) return to;
  if (!holds(from)) return null;
  let good = from;
  let bad = to;
  for (let k = 0; k < looks; k++) {
    const middle = (good + bad) / 2;
    if (holds(middle)) good = middle;
    else bad = middle;
  }
  return good;
}
