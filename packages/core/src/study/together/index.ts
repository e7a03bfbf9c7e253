export type { TogetherCase, TogetherUnit } from "./case.ts";
export { demandOf, type UnitDemand } from "./demand.ts";
export { type MembersOf, type StartOnTop, studyTogether, type TogetherStudy } from "./run.ts";
export { budgetSourceOf } from "./source.ts";
