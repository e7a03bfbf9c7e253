import type { BudgetStudy } from "@amp-saver/core/study/power-budget";

/** A budget study as `amp-saver/budget-result`, version 1. */
export function budgetToFile({ status, legs, worstStart, startOrder, shed, issues }: BudgetStudy) {
  return { format: "amp-saver/budget-result", version: 1, status, legs, worstStart, startOrder, shed, issues } as const;
}
