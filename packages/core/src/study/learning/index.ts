export { type LearningStart, type LearningStudy, MOST_STARTS, studyLearning } from "./run.ts";
