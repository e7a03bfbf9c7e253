export { buildAsFound } from "./build.ts";
export { STARTING_POINTS } from "./starting-points.ts";
export {
  type AsFoundSwitches,
  COLORED,
  CONTROLS,
  FAN_CAPACITORS,
  FOUND_AIDS,
  PLAIN_CONDENSER,
  PLAIN_ROOFTOP,
  RUN_PLACES,
  UNBROKEN_POLES,
} from "./switches.ts";
