export { joinMaps, type MapCell, mapAxis, mapOf } from "./map.ts";
export { BOUNDARY_PARAMS } from "./params.ts";
export { type MemberNeeds, needsOf, type Smallest, smallestOf } from "./smallest.ts";
export { type Reach, reachOf, type Turn, turnOf } from "./turn.ts";
