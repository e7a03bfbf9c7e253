import { carriedW, foldbackA, prepare, type StartCase } from "../motor-start/index.ts";
import type { BudgetSource } from "../power-budget/index.ts";

/**
 * The source of a start case as the budget counts it: losses taken off, a second set or a shore share added.
 * `legs` is 2 where two hot legs reach the rig; `perLegV` is leg to neutral. Null where the case cannot be put
 * together or nothing limits its source.
 */
export function budgetSourceOf(given: StartCase, legs: 1 | 2, perLegV: number): BudgetSource | null {
  const prepared = prepare(given);
  if (!prepared.ok) return null;
  const { source } = prepared.value.input;
  const common = { volts: perLegV, legs } as const;
  if (source.kind === "circuit") return source.breakerA === null ? null : { ...common, kind: "shore", breakerA: source.breakerA };
  const rated = { runningW: carriedW(source), surgeW: source.surgeW, deratedShare: 1 };
  if (source.kind === "machine") return { ...common, kind: "generator", ...rated };
  const startLimitA = (foldbackA(source) * source.volts) / perLegV / legs;
  return { ...common, kind: "inverter", ...rated, startLimitA };
}
