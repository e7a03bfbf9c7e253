import type { MotorStartInput } from "./input.ts";
import { type Finding, finding } from "./issues.ts";
import type { SteadyRunning } from "./steady.ts";

/** Factor on the largest motor of a circuit (NEC 430.24, 440.33, from memory). */
export const LARGEST_MOTOR_FACTOR = 1.25;
/** Share of its circuit that a plug-in room unit may take alone, and beside other loads (NEC 440.62, from memory). */
const PLUG_IN_ALONE = 0.8;
const PLUG_IN_BESIDE = 0.5;

/**
 * Rules of the electrical code that a unit breaks on its circuit. A unit on a thermostat cycles and is no
 * continuous load; the largest motor counts 125 % once, a unit that is plugged in has shares of its own.
 */
export function brokenRules({ source, fanA, backgroundA }: MotorStartInput, running: SteadyRunning, plugIn: boolean): readonly Finding[] {
  if (source.kind !== "circuit" || source.breakerA === null) return [];
  const ratingA = source.breakerA;
  if (plugIn) {
    const share = backgroundA > 0 ? PLUG_IN_BESIDE : PLUG_IN_ALONE;
    const amps = running.compressorA + fanA;
    const limitA = share * ratingA;
    return amps > limitA ? [finding("rule-plug-in", "warn", { amps, limitA, share }, "NEC 440.62, from memory")] : [];
  }
  const countedA = LARGEST_MOTOR_FACTOR * running.compressorA + fanA + backgroundA;
  return countedA > ratingA ? [finding("rule-motor-share", "warn", { countedA, ratingA }, "NEC 430.24 and 440.33, from memory")] : [];
}
