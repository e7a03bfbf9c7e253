export { ASSESS_PARAMS } from "./params.ts";
export { type AssessedSide, type Assessment, assess, FITS, type Fit, fitOfShare, undecided, worse } from "./run.ts";
