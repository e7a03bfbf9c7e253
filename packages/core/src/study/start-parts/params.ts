import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** What start parts measure when they are good, dead, bled and cold. */
export const START_PART_PARAMS = {
  ptcLeastOhm: { label: "Cold PTC, least", unit: "ohm", value: 5, min: 1, max: 20, source: COMMON_PRACTICE },
  ptcMostOhm: { label: "Cold PTC, most", unit: "ohm", value: 100, min: 30, max: 500, source: COMMON_PRACTICE },
  contactMostOhm: { label: "Closed contact of a start relay, most", unit: "ohm", value: 1, min: 0.1, max: 5, source: COMMON_PRACTICE },
  coilLeastOhm: { label: "Coil of a start relay, least", unit: "ohm", value: 500, min: 100, max: 2000, source: COMMON_PRACTICE },
  coilMostOhm: { label: "Coil of a start relay, most", unit: "ohm", value: 30_000, min: 5000, max: 100_000, source: COMMON_PRACTICE },
  startLow: { label: "Start capacitor below its print, share", unit: "1", value: 0.05, min: 0, max: 0.2, source: COMMON_PRACTICE },
  startHigh: { label: "Start capacitor above its print, share", unit: "1", value: 0.25, min: 0.05, max: 0.4, source: COMMON_PRACTICE },
  runBand: { label: "Run capacitor off its print, share", unit: "1", value: 0.06, min: 0.03, max: 0.15, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
