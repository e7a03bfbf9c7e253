export {
  DEAD_PAIRS,
  type DeadEvidence,
  type DeadPair,
  type DeadTask,
  fingerprint,
  judgePair,
  type LocalProof,
  type LockReason,
  lockOf,
  openTasks,
  type PairVerdict,
  runHolds,
  taskName,
} from "./dead.ts";
export { type Bleed, bleed, type ChargedCapacitor, capacitorsOf, type Printed } from "./discharge.ts";
export { ISOLATION_PARAMS } from "./params.ts";
