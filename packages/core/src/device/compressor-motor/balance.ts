import { type Motor, synchronousRadS } from "./motor.ts";
import { backwardShare, steadyState } from "./phasor.ts";
import { runningAtCurrent } from "./running.ts";

/** Range looked over, and how close the answer is, turns of the start winding over turns of the run winding. */
const FROM = 0.8;
const TO = 1.8;
const WITHIN = 0.01;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * The turns ratio at which a run capacitor balances the two windings at rated load: makers choose both
 * together, so that the backward field is least (textbook aim for a permanent-capacitor motor, from
 * memory). `make` gives the motor of a ratio. Golden-section search: the share has one valley in the range.
 */
export function balancedTurnsRatio(make: (turnsRatio: number) => Motor, volts: number, runningA: number, capacitanceF: number): number {
  const backward = (ratio: number): number => {
    const motor = make(ratio);
    const running = runningAtCurrent(motor, volts, runningA, { capacitanceF });
    const state = running.ok ? running.value : steadyState(motor, volts, synchronousRadS(motor) * LIGHT_SPEED, { capacitanceF });
    return backwardShare(state, ratio);
  };
  let low = FROM;
  let high = TO;
  let left = high - GOLDEN * (high - low);
  let right = low + GOLDEN * (high - low);
  let atLeft = backward(left);
  let atRight = backward(right);
  while (high - low > WITHIN) {
    if (atLeft < atRight) {
      high = right;
      right = left;
      atRight = atLeft;
      left = high - GOLDEN * (high - low);
      atLeft = backward(left);
    } else {
      low = left;
      left = right;
      atLeft = atRight;
      right = low + GOLDEN * (high - low);
      atRight = backward(right);
    }
  }
  return (low + high) / 2;
}

/** Share of synchronous speed taken where a motor cannot run as lightly as expected. */
const LIGHT_SPEED = 0.99;
