import { quantity } from "../../quantity/index.ts";
import { modelOf, prepare, type SourceCase, type StartCase, type UnitCase } from "../motor-start/index.ts";
import type { BudgetSource } from "../power-budget/index.ts";

/** Any unit between all of a source's volts: what a source gives as a whole does not depend on it. */
function anyUnit({ volts }: SourceCase, hz: number): UnitCase {
  return { plateVolts: volts.value, lowestVolts: volts.value, hz, ratedLoadA: quantity(10, "typical"), seenToStart: false };
}

/**
 * A source as the budget counts it, whole: losses taken off, a second set or a shore share added. `legs` is 2
 * where two hot legs reach the rig; `perLegV` is leg to neutral. Null where it says too little or nothing limits it.
 */
export function budgetSourceOf(source: SourceCase, outdoorC: number, hz: number, legs: 1 | 2, perLegV: number): BudgetSource | null {
  const { legs: _legs, ...whole } = source;
  const given: StartCase = { unit: anyUnit(source, hz), source: whole, method: { kind: "direct" }, backgroundA: 0, outdoorC, seconds: 0 };
  const prepared = prepare(given);
  if (!prepared.ok) return null;
  const { source: made } = prepared.value.input;
  const common = { volts: perLegV, legs } as const;
  const { breaker, carriedW: runningW, startLimitA } = modelOf(made);
  if (made.kind === "circuit" || runningW === null || startLimitA === null)
    return breaker === null ? null : { ...common, kind: "shore", breakerA: breaker.ratingA };
  const rated = { ...common, runningW, surgeW: made.surgeW, deratedShare: 1 };
  if (made.kind === "alternator") return { ...rated, kind: "generator" };
  return { ...rated, kind: "inverter", startLimitA: (startLimitA * made.volts) / perLegV / legs };
}
