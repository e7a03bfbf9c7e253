export type { Predicted, ProofInput, RunTest } from "./input.ts";
export { PROOF_PARAMS } from "./params.ts";
export { predictReadings } from "./predict.ts";
export { type Against, PROOF_GAPS, type ProofGap, type ProofStudy, type SourceShown } from "./result.ts";
export { againstExpected, studyProof, studyRuns } from "./run.ts";
