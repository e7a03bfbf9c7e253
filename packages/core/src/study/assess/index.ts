export { ASSESS_PARAMS } from "./params.ts";
export { type Assessment, assess, FITS, type Fit, fitOfShare, type Side, undecided, worse } from "./run.ts";
