export { COMMON_WAYS, type LeadLook, type PlanOptions, RUN_WAYS, TAP_WAYS } from "./options.ts";
export { restorePlan } from "./restore.ts";
export { planWiring, type WiringPlan, withStarter } from "./run.ts";
export { applySteps, FITTINGS, moveOf, type PlanStep, STEP_REASONS, type StepReason } from "./step.ts";
export { BLOCK_REASONS, type BlockReason } from "./understand.ts";
