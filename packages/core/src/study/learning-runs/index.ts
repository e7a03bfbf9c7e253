export { conduct, type Missed, type RunEvent, type RunState, settledOf } from "./conduct.ts";
export { LEARNING_RUN_PARAMS } from "./params.ts";
export { LEARNING_RULE_NAMES, LEARNING_RULES, type LearningRule, RULE_BOUNDS } from "./rule.ts";
export { interleave, type RunPlan, type UnitRuns } from "./schedule.ts";
