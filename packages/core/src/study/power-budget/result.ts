import type { BudgetIssue } from "./issues.ts";

/** What one leg carries beside what it may, amps: of the breaker, or watts ÷ volts. */
export interface LegUse {
  readonly leg: 1 | 2;
  readonly countedA: number;
  readonly limitA: number;
}

/** A start beside its limit. */
export interface StartUse {
  readonly id: string;
  readonly totalA: number;
  readonly limitA: number;
}

/** Whether these loads may be on together, and what to do where they may not. */
export interface BudgetStudy {
  readonly status: "fits" | "start-blocked" | "overload";
  readonly legs: readonly LegUse[];
  /** The start with least to spare; null on a breaker, which the start study judges, and without loads. */
  readonly worstStart: StartUse | null;
  /** Ids in the order to start them; null unless everything fits. */
  readonly startOrder: readonly string[] | null;
  /** Ids to switch off; empty when it fits. */
  readonly shed: readonly string[];
  readonly issues: readonly BudgetIssue[];
}
