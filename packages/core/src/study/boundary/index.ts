export { joinMaps, type MapAxis, type MapCell, mapAxis, mapOf } from "./map.ts";
export { BOUNDARY_PARAMS, BREAKER_SIZES } from "./params.ts";
export { type MemberNeeds, needsOf, type Smallest, smallestOf } from "./smallest.ts";
export { type Reach, reachOf, reachThatFits, type Turn, turnOf } from "./turn.ts";
