export { type LearningStudy, studyLearning, type Watched } from "./run.ts";
