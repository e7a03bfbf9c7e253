export type { Batch, Confidence, Influence } from "./result.ts";
export { summarise, tryBatch } from "./run.ts";
