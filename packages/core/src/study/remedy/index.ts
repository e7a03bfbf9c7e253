export type { Choices } from "./candidates.ts";
export { COSTS, type CostFigure, costFigure, REMEDIES, type RemedyCode } from "./cost.ts";
export { PRICES, type Prices, USUAL_PRICES } from "./params.ts";
export { type AssessedRemedy, adviseOf, assessRemedy, type Remedy, studyRemedies } from "./run.ts";
export { SIZE_REASONS, type SizeReason, type StarterRating, sizeStarter } from "./size.ts";
