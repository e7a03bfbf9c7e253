import { BUDGET_PARAMS as P } from "./params.ts";
import type { BudgetStudy } from "./result.ts";

/** Verdict on a budget: it only just fits where a leg has less to spare than running amps are known to. */
export function budgetFit({ status, legs }: Pick<BudgetStudy, "status" | "legs">): "fits" | "just-fits" | "too-much" {
  if (status !== "fits") return "too-much";
  return legs.some(({ countedA, limitA }) => limitA - countedA < P.tightShare.value * countedA) ? "just-fits" : "fits";
}
