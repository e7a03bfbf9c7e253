export { type Belief, believe, quantileOf } from "./belief.ts";
export {
  type ClampReading,
  CONDUCTORS,
  type Conductor,
  type Expected,
  type Range,
  READING_KINDS,
  type ReadingInput,
  type ReadingKind,
} from "./input.ts";
export { matchReadings, middleReduction } from "./match.ts";
export { READING_PARAMS } from "./params.ts";
export {
  type Comparison,
  LEFT_OUT_REASONS,
  type LeftOutReason,
  READING_VERDICTS,
  type ReadingSide,
  type ReadingStudy,
  type ReadingVerdict,
  type RunningComparison,
} from "./result.ts";
export { studyReadings } from "./run.ts";
export { judgeRunning, RUNNING_VERDICTS, type RunningInput, type RunningVerdict } from "./running.ts";
