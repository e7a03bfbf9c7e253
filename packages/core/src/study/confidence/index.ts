export { Members } from "./members.ts";
export { type Narrowing, narrowings, narrowsMore } from "./narrow.ts";
export { MEASURABLE } from "./params.ts";
export type { Batch, Confidence } from "./result.ts";
export { influences, summarise, TRIES_SEED, tryBatch } from "./run.ts";
export type { Beside, Trial } from "./trial.ts";
