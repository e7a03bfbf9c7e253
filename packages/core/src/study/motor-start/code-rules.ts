import { CODE_PARAMS as CODE } from "../../reference/index.ts";
import type { MotorStartInput } from "./input.ts";
import { type Finding, finding } from "./issues.ts";
import { modelOf } from "./source/index.ts";
import type { SteadyRunning } from "./steady.ts";

/**
 * Rules of the electrical code that a unit breaks on its circuit. A unit on a thermostat cycles and is no
 * continuous load; the largest motor counts 125 % once, a unit that is plugged in has shares of its own.
 */
export function brokenRules({ source, fanA, backgroundA }: MotorStartInput, running: SteadyRunning, plugIn: boolean): readonly Finding[] {
  const { breaker } = modelOf(source);
  if (breaker === null) return [];
  const { ratingA } = breaker;
  if (plugIn) {
    const rule = backgroundA > 0 ? CODE.plugInBeside : CODE.plugInAlone;
    const share = rule.value;
    const amps = running.compressorA + fanA;
    const limitA = share * ratingA;
    return amps > limitA ? [finding("rule-plug-in", "warn", { amps, limitA, share }, rule.source)] : [];
  }
  const countedA = CODE.motorFactor.value * running.compressorA + fanA + backgroundA;
  return countedA > ratingA ? [finding("rule-motor-share", "warn", { countedA, ratingA }, CODE.motorFactor.source)] : [];
}
