export { type LearningStudy, studyLearning } from "./run.ts";
