export {
  judgeMounting,
  MOUNTING_CHECKS,
  MOUNTING_PARAMS,
  type MountingCheck,
  type MountingPlace,
  type MountingReason,
} from "./judge.ts";
