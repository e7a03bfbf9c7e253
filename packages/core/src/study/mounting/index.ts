export {
  judgeMounting,
  MOUNTING_CHECKS,
  MOUNTING_PARAMS,
  MOUNTING_REASONS,
  type MountingCheck,
  type MountingPlace,
  type MountingReason,
} from "./judge.ts";
