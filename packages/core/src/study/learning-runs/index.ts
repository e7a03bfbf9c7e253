export { conduct, type Missed, type RunEvent, type RunState, settledOf } from "./conduct.ts";
export { LEARNING_RUN_PARAMS } from "./params.ts";
export { type LearningRule, RULE_BOUNDS, SCHOOL_NAMES, SCHOOLS } from "./rule.ts";
export { interleave, type RunPlan, type UnitRuns } from "./schedule.ts";
