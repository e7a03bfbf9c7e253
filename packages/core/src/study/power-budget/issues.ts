/** What a budget finds, with the figures inside. */
export type BudgetIssue =
  | { readonly code: "over-breaker"; readonly severity: "stop"; readonly leg: 1 | 2; readonly countedA: number; readonly limitA: number }
  | {
      readonly code: "over-running-watts";
      readonly severity: "stop";
      readonly leg: 1 | 2 | null;
      readonly watts: number;
      readonly limitW: number;
    }
  | { readonly code: "start-over-limit"; readonly severity: "stop"; readonly id: string; readonly totalA: number; readonly limitA: number }
  | {
      readonly code: "holds-under-three-hours";
      readonly severity: "note";
      readonly leg: 1 | 2;
      readonly runA: number;
      readonly limitA: number;
    }
  | { readonly code: "motor-counted"; readonly severity: "note"; readonly factor: number }
  | { readonly code: "continuous-counted"; readonly severity: "note"; readonly factor: number }
  | { readonly code: "start-not-judged"; readonly severity: "note"; readonly id: string }
  | { readonly code: "legs-uneven"; readonly severity: "note"; readonly leg1: number; readonly leg2: number };

export const BUDGET_ISSUES = [
  "over-breaker",
  "over-running-watts",
  "start-over-limit",
  "holds-under-three-hours",
  "motor-counted",
  "continuous-counted",
  "start-not-judged",
  "legs-uneven",
] as const satisfies readonly BudgetIssue["code"][];
