export type { TogetherCase, TogetherLoad, TogetherUnit } from "./case.ts";
export { demandOf } from "./demand.ts";
export { studyTogether, type TogetherStudy } from "./run.ts";
export { budgetSourceOf } from "./source.ts";
