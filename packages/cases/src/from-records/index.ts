export { asQuantity } from "./figures.ts";
export { batteryCase, deratingOf, legsOf, measuredSag, sourceCase } from "./source-case.ts";
export { type CaseOrMissing, type Conditions, conditionsOf, hasSize, hasWatts, type Missing, missingOf, startCase } from "./start-case.ts";
export {
  askable,
  continuousFactor,
  legAdvice,
  MOST_TOGETHER,
  type PlanStudy,
  rigVolts,
  type TogetherInput,
  type TogetherQuestion,
  togetherQuestion,
  unitFactor,
} from "./together.ts";
export { isAided, plateCase, unitCase } from "./unit-case.ts";
