export { AID_WAYS, COMMON_WAYS, JUMPER, type PlanOptions, RUN_WAYS, TAP_WAYS } from "./options.ts";
export { restorePlan } from "./restore.ts";
export { planWiring, type WiringPlan, withStarter } from "./run.ts";
export { applySteps, FITTINGS, type PlanStep, type StepReason } from "./step.ts";
export { BLOCK_REASONS, type BlockReason } from "./understand.ts";
