export {
  judgeMounting,
  MOUNTING_CHECKS,
  type MountingCheck,
  type MountingPlace,
  type MountingReason,
} from "./judge.ts";
export { MOUNTING_PARAMS } from "./params.ts";
