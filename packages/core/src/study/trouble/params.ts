import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** What tells a good measurement from a bad one when something goes wrong. */
export const TROUBLE_PARAMS = {
  startVoltsShare: {
    label: "Volts at the unit while it starts, least, over the plate’s",
    unit: "1",
    value: 0.75,
    min: 0.6,
    max: 0.9,
    source: COMMON_PRACTICE,
  },
  startAmpsShare: {
    label: "Starting amps, most, over locked rotor amps",
    unit: "1",
    value: 1.1,
    min: 1,
    max: 1.3,
    source: COMMON_PRACTICE,
  },
  runningAmpsShare: { label: "Running amps, most, over rated load amps", unit: "1", value: 1.1, min: 1, max: 1.4, source: COMMON_PRACTICE },
  weakAmpsShare: { label: "Running amps, least, over rated load amps", unit: "1", value: 0.5, min: 0.2, max: 0.7, source: COMMON_PRACTICE },
  caseLeastOhm: { label: "Winding to case, least", unit: "ohm", value: 1e6, min: 1e5, max: 1e8, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
