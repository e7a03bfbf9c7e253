export { FAMILIES, FAMILY_LEADS, type Family, isAid, PART_KINDS, type PartKind, STARTER } from "./kinds.ts";
export {
  allTerminals,
  type Conductor,
  conductorsAt,
  farEnd,
  inReach,
  type Netlist,
  nameOn,
  type Part,
  partById,
  partOf,
  type Terminal,
  terminal,
  terminalsOf,
} from "./netlist.ts";
export { type Joined, joinedBy, listNets, netsOf, wires } from "./nets.ts";
export { closedCircuit } from "./passes.ts";
export { soundNetlist } from "./problems.ts";
export { placesOf, reachOf } from "./reach.ts";
export { applyMove, type WiringMove } from "./step.ts";
