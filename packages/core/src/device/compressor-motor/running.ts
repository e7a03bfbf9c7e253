import { findRoot, modulus } from "../../numeric/index.ts";
import { fail, ok, type Result } from "../../quantity/index.ts";
import { type Motor, synchronousRadS } from "./motor.ts";
import { type Feed, type SteadyState, steadyState } from "./phasor.ts";

/** Relative width to which slips are found. */
const WITHIN = 1e-7;

const FIRST_SLIP = 0.0005;
const SLIP_RATIO = 1.22;
const LAST_SLIP = 0.7;

interface Walked {
  readonly slip: number;
  readonly state: SteadyState;
}

/**
 * Walks from near synchronous speed into the load until `reached` holds or the torque has passed its
 * peak. Gives the last two points, so that the answer lies between them.
 */
function walk(
  motor: Motor,
  volts: number,
  feed: Feed,
  reached: (at: Walked, before: Walked | null) => boolean,
): { readonly before: Walked | null; readonly at: Walked; readonly met: boolean; readonly first: Walked } {
  const top = synchronousRadS(motor);
  const look = (slip: number): Walked => ({ slip, state: steadyState(motor, volts, top * (1 - slip), feed) });
  const first = look(FIRST_SLIP);
  let before: Walked | null = null;
  let at = first;
  while (!reached(at, before)) {
    const next = at.slip * SLIP_RATIO;
    const past = before !== null && at.state.torqueNm < before.state.torqueNm && at.state.torqueNm > 0;
    if (past || next > LAST_SLIP) return { before, at, met: false, first };
    before = at;
    at = look(next);
  }
  return { before, at, met: true, first };
}

/** Steady running at a given shaft torque; fails with "pull-out" when the motor cannot carry it at these volts. */
export function runningAtTorque(motor: Motor, volts: number, torqueNm: number, feed: Feed): Result<SteadyState, "pull-out"> {
  const { before, at, met, first } = walk(motor, volts, feed, ({ state }) => state.torqueNm >= torqueNm);
  if (!met) return nearPeak(motor, volts, torqueNm, feed, before, at);
  if (before === null) return ok(first.state);
  const top = synchronousRadS(motor);
  const slip = findRoot((s) => steadyState(motor, volts, top * (1 - s), feed).torqueNm - torqueNm, before.slip, at.slip, WITHIN);
  return slip === undefined ? fail("pull-out", "compressor") : ok(steadyState(motor, volts, top * (1 - slip), feed));
}

/** A torque that the walk stepped over lies, if anywhere, about the peak: looks closer there. */
function nearPeak(
  motor: Motor,
  volts: number,
  torqueNm: number,
  feed: Feed,
  before: Walked | null,
  at: Walked,
): Result<SteadyState, "pull-out"> {
  const top = synchronousRadS(motor);
  const from = (before?.slip ?? at.slip) / SLIP_RATIO;
  for (let k = 0; k <= 24; k++) {
    const slip = from + ((at.slip - from) * k) / 24;
    const state = steadyState(motor, volts, top * (1 - slip), feed);
    if (state.torqueNm >= torqueNm) {
      const root = findRoot((s) => steadyState(motor, volts, top * (1 - s), feed).torqueNm - torqueNm, FIRST_SLIP, slip, WITHIN);
      return ok(root === undefined ? state : steadyState(motor, volts, top * (1 - root), feed));
    }
  }
  return fail("pull-out", "compressor");
}

/**
 * Steady running at a given line current, on the loaded side of the current's minimum. Fails with
 * "below-idle" when the motor draws more than that even at its lightest, "above-pull-out" when it
 * would stall first.
 */
export function runningAtCurrent(
  motor: Motor,
  volts: number,
  amps: number,
  feed: Feed,
): Result<SteadyState, "below-idle" | "above-pull-out"> {
  const current = (w: Walked): number => modulus(w.state.lineA);
  let lightest = Number.POSITIVE_INFINITY;
  const { before, at, met } = walk(motor, volts, feed, (now, last) => {
    lightest = Math.min(lightest, current(now));
    return last !== null && current(now) >= amps && current(last) < amps;
  });
  if (met && before !== null) {
    const top = synchronousRadS(motor);
    const slip = findRoot((s) => modulus(steadyState(motor, volts, top * (1 - s), feed).lineA) - amps, before.slip, at.slip, WITHIN);
    if (slip !== undefined) return ok(steadyState(motor, volts, top * (1 - slip), feed));
  }
  return lightest >= amps ? fail("below-idle", "running amps") : fail("above-pull-out", "running amps");
}
