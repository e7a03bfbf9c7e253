export { LONGEST_IN_CIRCUIT_S } from "./limits.ts";
export { HARD_START_PARAMS } from "./params.ts";
export { type PtcAid, PtcEquations, ptcAtRestC } from "./ptc.ts";
export { PotentialRelayEquations } from "./relay.ts";
