import { BUDGET_PARAMS as P } from "./params.ts";
import type { BudgetStudy } from "./result.ts";

/**
 * Verdict on a budget. Over a breaker by a rule of the code alone, its amps within the rating, it just
 * fits; and where a leg has less to spare than running amps are known to.
 */
export function budgetFit({ status, legs, issues }: Pick<BudgetStudy, "status" | "legs" | "issues">): "fits" | "just-fits" | "too-much" {
  if (status === "start-blocked") return "too-much";
  if (status === "overload") {
    const over = issues.filter((i) => i.code === "over-breaker" || i.code === "over-running-watts");
    const byRule = issues.filter((i) => i.code === "holds-under-three-hours");
    return over.every((i) => i.code === "over-breaker" && byRule.some((r) => r.leg === i.leg)) ? "just-fits" : "too-much";
  }
  return legs.some(({ countedA, limitA }) => limitA - countedA < P.tightShare.value * countedA) ? "just-fits" : "fits";
}
