export {
  judgeMounting,
  MOUNTING_CHECKS,
  type MountingCheck,
  type MountingOpen,
  type MountingPlace,
  type MountingReason,
  type MountingVerdict,
  mountingChecks,
  OUTSIDE_CHECKS,
} from "./judge.ts";
export { MOUNTING_PARAMS } from "./params.ts";
