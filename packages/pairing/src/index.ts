export { ClockOffset } from "./clock.ts";
export { type Line, type LineState, Listeners, TEXT_MOST } from "./line.ts";
export { type Known, type Op, type PairState, pairStateSchema, type Sync } from "./op.ts";
export { type Doc, type Overruled, Replica, type ReplicaState } from "./replica.ts";
export { answerCall, CALLS, type Call, type CallKind, call, callsIn, type Hold, hold, holdsIn, lift, type Speaker } from "./roof.ts";
export { type Partner, Session, type SessionState } from "./session.ts";
export { type Due, RECORDS, SharedRig, SPEAKS } from "./shared-records.ts";
