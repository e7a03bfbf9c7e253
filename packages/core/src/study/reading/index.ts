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
  type LeftOutReason,
  READING_VERDICTS,
  type ReadingStudy,
  type RunningComparison,
} from "./result.ts";
export { studyReadings } from "./run.ts";
export { judgeRunning, type RunningVerdict } from "./running.ts";
