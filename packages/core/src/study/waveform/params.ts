import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** How a recorded start is read. */
export const WAVEFORM_PARAMS = {
  inrushWindowS: { label: "Inrush window from the trigger", unit: "s", value: 0.1, min: 0.02, max: 0.5, source: COMMON_PRACTICE },
  riseShare: {
    label: "Rise above the quiet level, over the whole rise, at which a start is seen",
    unit: "1",
    value: 0.2,
    min: 0.05,
    max: 0.6,
    source: COMMON_PRACTICE,
  },
  leastRise: {
    label: "Largest cycle over the quietest for a start at all",
    unit: "1",
    value: 1.5,
    min: 1.1,
    max: 5,
    source: COMMON_PRACTICE,
  },
  settledShare: {
    label: "Share of the rise above running amps below which the start is over",
    unit: "1",
    value: 0.15,
    min: 0.02,
    max: 0.5,
    source: COMMON_PRACTICE,
  },
  tailShare: { label: "End of the record taken as running", unit: "1", value: 0.2, min: 0.05, max: 0.5, source: COMMON_PRACTICE },
  steadyShare: {
    label: "Most that the end may spread and still be running, over its middle",
    unit: "1",
    value: 0.25,
    min: 0.05,
    max: 1,
    source: COMMON_PRACTICE,
  },
  fewestPerCycle: { label: "Fewest samples a cycle for a waveform", unit: "1", value: 12, min: 8, max: 100, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
