export { coincidencesOf, coolestOf, dayQuestion } from "./day.ts";
export { asQuantity } from "./figures.ts";
export { keepsOf } from "./keeps.ts";
export { breakerOf, deratingOf, legsOf, measuredSag, ratedW, runningOf, sourceCase } from "./source-case.ts";
export { type CaseOrMissing, type Conditions, conditionsOf, hasSize, hasWatts, type Missing, missingOf, startCase } from "./start-case.ts";
export {
  askable,
  continuousFactor,
  legAdvice,
  MOST_TOGETHER,
  type PlanStudy,
  rigVolts,
  type TogetherQuestion,
  togetherQuestion,
  unitFactor,
} from "./together.ts";
export { isAided, plateCase, unitCase } from "./unit-case.ts";
