import { INVERTER_GENERATOR_PARAMS } from "@amp-saver/core/device/inverter-generator";
import type { GeneratorSource } from "@amp-saver/records";

/** Watts on the plate of a set, running from surge where only that is known, a second set added; null where neither is. */
export function ratedW(source: GeneratorSource): number | null {
  const surge = source.surgeW === undefined ? undefined : source.surgeW.value / INVERTER_GENERATOR_PARAMS.surgeOverRunning.value;
  const own = source.runningW?.value ?? surge;
  if (own === undefined) return null;
  const second = source.type === "inverter-generator" ? source.second : undefined;
  return own + (second === undefined ? 0 : (second.runningW?.value ?? own));
}
