import { bisect, type Complex, modulus } from "../../numeric/index.ts";
import { fail, ok, type Result } from "../../quantity/index.ts";
import { type Machine, synchronousRadS } from "./machine.ts";
import { breakdownRadS, type SteadyState, steadyState } from "./phasor.ts";

type Feed = { readonly capacitanceF: number; readonly series?: Complex };

const NEAR_SYNCHRONOUS = 0.9995;

/** Steady running at a given shaft torque; fails with "pull-out" when the motor cannot carry it at these volts. */
export function runningAtTorque(machine: Machine, volts: number, torqueNm: number, feed: Feed): Result<SteadyState, "pull-out"> {
  const slow = breakdownRadS(machine, volts, feed);
  const fast = synchronousRadS(machine) * NEAR_SYNCHRONOUS;
  const radS = bisect((w) => steadyState(machine, volts, w, feed).torqueNm - torqueNm, slow, fast);
  if (radS !== undefined) return ok(steadyState(machine, volts, radS, feed));
  const idle = steadyState(machine, volts, fast, feed);
  return torqueNm <= idle.torqueNm ? ok(idle) : fail("pull-out", "compressor");
}

/**
 * Steady running at a given line current, on the loaded side of the current's minimum. Fails with
 * "below-idle" when the motor draws more than that even at its lightest, "above-pull-out" when it
 * would stall first.
 */
export function runningAtCurrent(
  machine: Machine,
  volts: number,
  amps: number,
  feed: Feed,
): Result<SteadyState, "below-idle" | "above-pull-out"> {
  const slow = breakdownRadS(machine, volts, feed);
  const fast = synchronousRadS(machine) * NEAR_SYNCHRONOUS;
  const currentAt = (w: number): number => modulus(steadyState(machine, volts, w, feed).lineA);
  let lightest = fast;
  for (let k = 0; k <= 80; k++) {
    const w = fast + ((slow - fast) * k) / 80;
    if (currentAt(w) < currentAt(lightest)) lightest = w;
  }
  if (currentAt(lightest) >= amps) return fail("below-idle", "running amps");
  const radS = bisect((w) => currentAt(w) - amps, slow, lightest);
  return radS === undefined ? fail("above-pull-out", "running amps") : ok(steadyState(machine, volts, radS, feed));
}
