export type { BudgetCase, BudgetCircuit, BudgetLoad, BudgetSet, BudgetSource, Leg } from "./case.ts";
export { everyCombination, largestSets } from "./combine.ts";
export { type FeederCount, type FeederLoad, feederAmps } from "./feeder.ts";
export { BUDGET_ISSUES, type BudgetIssue } from "./issues.ts";
export { balanceLegs, type LegAdvice } from "./legs.ts";
export { BUDGET_PARAMS, MOST_LOADS, PRIORITIES } from "./params.ts";
export type { BudgetStudy, LegUse, StartUse } from "./result.ts";
export { studyBudget } from "./run.ts";
export { startLimit } from "./tally.ts";
