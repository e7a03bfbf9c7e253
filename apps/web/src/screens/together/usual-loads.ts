import { TYPICAL_LOADS } from "@amp-saver/core/reference";
import type { Load } from "@amp-saver/records";

/** Codes of the usual loads, as they are offered. */
export const USUAL_LOADS: readonly string[] = TYPICAL_LOADS.map((l) => l.code);

/** What is known of a usual load, marked as typical; nothing for one of one's own. */
export function knownLoad(code: string, perLegV = 120): Partial<Load> {
  const usual = TYPICAL_LOADS.find((l) => l.code === code);
  if (usual === undefined) return {};
  const { watts, startOverRun, continuous, automatic, priority, both, chargeA } = usual;
  const runA = watts / perLegV / (both ? 2 : 1);
  return {
    runW: { value: watts, from: "typical" },
    leg: both ? "both" : 1,
    priority,
    continuous,
    automatic,
    ...(startOverRun > 1 && { startA: { value: Math.round(10 * runA * startOverRun) / 10, from: "typical" as const } }),
    ...(chargeA !== null && { chargeA }),
  };
}

/** A charger set to other DC amps: what it takes goes with them. */
export function turnedTo(load: Load, chargeA: number): Partial<Load> {
  const share = chargeA / (load.chargeA ?? chargeA);
  return {
    chargeA,
    ...(load.runW !== undefined && { runW: { ...load.runW, value: load.runW.value * share } }),
    ...(load.runA !== undefined && { runA: { ...load.runA, value: load.runA.value * share } }),
  };
}
