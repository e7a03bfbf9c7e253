export { type ClampReading, CONDUCTORS, type Conductor, READING_KINDS, type ReadingInput, type ReadingKind } from "./input.ts";
export { READING_PARAMS } from "./params.ts";
export {
  type Comparison,
  LEFT_OUT_REASONS,
  type LeftOutReason,
  READING_VERDICTS,
  type ReadingStudy,
  type ReadingVerdict,
  type Side,
} from "./result.ts";
export { studyReadings } from "./run.ts";
export { judgeRunning, RUNNING_VERDICTS, type RunningInput, type RunningVerdict } from "./running.ts";
