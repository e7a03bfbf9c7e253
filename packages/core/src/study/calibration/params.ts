import { COMMON_PRACTICE, FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** How far readings are believed and how far they may move a motor. */
export const CALIBRATION_PARAMS = {
  inrushTolerance: {
    label: "Spread of inrush readings from start to start",
    unit: "1",
    value: 0.05,
    min: 0.005,
    max: 0.5,
    source: COMMON_PRACTICE,
  },
  runningTolerance: { label: "Spread of running readings", unit: "1", value: 0.03, min: 0.005, max: 0.5, source: COMMON_PRACTICE },
  inertiaSpread: { label: "What is known of the inertia beforehand", unit: "1", value: 0.4, min: 0.05, max: 1, source: FROM_MEMORY },
  farFactor: {
    label: "Reading over expectation beyond which it is refused",
    unit: "1",
    value: 1.6,
    min: 1.1,
    max: 5,
    source: COMMON_PRACTICE,
  },
  outlierDeviations: {
    label: "Deviations after the fit beyond which a reading is named",
    unit: "1",
    value: 3,
    min: 1.5,
    max: 6,
    source: COMMON_PRACTICE,
  },
  leastRatio: {
    label: "Fitted over plate locked rotor amps, least believed",
    unit: "1",
    value: 0.7,
    min: 0.3,
    max: 1,
    source: COMMON_PRACTICE,
  },
  mostRatio: {
    label: "Fitted over plate locked rotor amps, most believed",
    unit: "1",
    value: 1.35,
    min: 1,
    max: 3,
    source: COMMON_PRACTICE,
  },
} as const satisfies ParamTable;
