export { type Cord, cordsH, cordsOhm, ohmPerM } from "./limits.ts";
export { CORD_PARAMS } from "./params.ts";
