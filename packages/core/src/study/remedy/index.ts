export { REMEDY_PARAMS } from "./params.ts";
export { REMEDIES, type Remedy, type RemedyCode, type RemedyStudy, studyRemedies } from "./run.ts";
