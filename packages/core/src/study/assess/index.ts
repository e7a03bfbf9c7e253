export { ASSESS_PARAMS } from "./params.ts";
export { type Assessment, assess, FITS, type Fit, fitOfShare, type AssessedSide, undecided, worse } from "./run.ts";
