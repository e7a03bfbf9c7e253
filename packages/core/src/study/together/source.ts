import { modelOf, preparedSource, type SourceCase } from "../motor-start/index.ts";
import type { BudgetSource } from "../power-budget/index.ts";

/**
 * A source as the budget counts it, whole: losses taken off, a second set or a shore share added. `legs` is 2
 * where two hot legs reach the rig; `perLegV` is leg to neutral. Null where it says too little or nothing limits it.
 */
export function budgetSourceOf(source: SourceCase, outdoorC: number, hz: number, legs: 1 | 2, perLegV: number): BudgetSource | null {
  const { legs: _legs, ...whole } = source;
  const prepared = preparedSource({ source: whole, unit: { plateVolts: source.volts.value, hz }, outdoorC });
  if (!prepared.ok) return null;
  const made = prepared.value;
  const { breaker, carriedW: runningW, startLimitA } = modelOf(made);
  const common = { volts: perLegV, legs } as const;
  if (made.kind === "circuit" || runningW === null || startLimitA === null)
    return breaker === null ? null : { ...common, kind: "shore", breakerA: breaker.ratingA };
  const rated = { ...common, runningW, surgeW: made.surgeW, deratedShare: 1 };
  if (made.kind === "alternator") return { ...rated, kind: "generator" };
  return { ...rated, kind: "inverter", startLimitA: (startLimitA * made.volts) / perLegV / legs };
}
