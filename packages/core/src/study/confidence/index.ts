export { MEASURABLE, type MeasurableFigure } from "./measurable.ts";
export { type Member, Members } from "./members.ts";
export { type Narrowing, narrowings } from "./narrow.ts";
export type { Batch, Confidence, Influence } from "./result.ts";
export { summarise, TRIES_SEED, tryBatch } from "./run.ts";
export { type Trial, tryInput, tryMember } from "./trial.ts";
