export { type Bench, newBench } from "./bench.ts";
export {
  CLAMP_MODES,
  type ClampMode,
  COVERS,
  type Danger,
  FED_BY,
  MEASURE_RANGES,
  type MeasureRange,
  PRACTICE_FAULTS,
  type PracticeAct,
  type PracticeCase,
  type PracticeFault,
  type PracticeFaultCode,
  type PracticeSource,
  type PracticeStep,
  type Refusal,
  SEED_MOST,
  WAIT_MOST_S,
} from "./case.ts";
export type { Unproven } from "./debrief.ts";
export { type Hint, hintFor } from "./hint.ts";
export { type Practice, playPractice, standing } from "./judge.ts";
export { dailyUnit, drawLesson, faultsFor, type Goal, LESSONS, type Lesson, ownLesson, PRACTICE_WIRINGS } from "./lessons.ts";
export { type Mark, markLesson } from "./mark.ts";
export { BLEED_S } from "./params.ts";
export { actOn } from "./run.ts";
export { type ShownBench, shownBench } from "./shown.ts";
