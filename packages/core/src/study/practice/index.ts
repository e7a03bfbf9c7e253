export { type Bench, newBench } from "./bench.ts";
export {
  CLAMP_MODES,
  COVERS,
  type Danger,
  MEASURE_RANGES,
  PRACTICE_FAULTS,
  type PracticeAct,
  type PracticeCase,
  type PracticeFault,
  type PracticeFaultCode,
  type PracticeStep,
} from "./case.ts";
export { type Practice, playPractice, standing } from "./judge.ts";
export { drawLesson, LESSONS } from "./lessons.ts";
export { markLesson } from "./mark.ts";
export { actOn } from "./run.ts";
