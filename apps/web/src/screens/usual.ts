import { SHORE_PARAMS } from "@amp-saver/core/device/shore";

/** Amps of other loads that are taken where nobody said. */
export const USUAL_OTHER_LOADS_A = SHORE_PARAMS.otherLoadsA.value;
