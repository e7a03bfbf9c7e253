import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** Figures of the winding readings. */
export const WINDING_PARAMS = {
  resolutionOhm: {
    label: "One count of a meter on its lowest range, unless told otherwise",
    unit: "ohm",
    value: 0.1,
    min: 0.001,
    max: 1,
    source: "common practice, no source",
  },
  countsBetween: {
    label: "Counts of the meter between two pairs before either is named",
    unit: "1",
    value: 2,
    min: 1,
    max: 10,
    source: "common practice, no source",
  },
  finerBelowOhm: {
    label: "Pair below which a tenth of an ohm names nothing",
    unit: "ohm",
    value: 0.6,
    min: 0.2,
    max: 2,
    source: "common practice, no source",
  },
  finerOhm: {
    label: "Count of a meter, or of a four-wire reading, that names such a pair",
    unit: "ohm",
    value: 0.01,
    min: 0.001,
    max: 0.05,
    source: "common practice, no source",
  },
  shortedOhm: {
    label: "Pair below which there is no winding between the probes",
    unit: "ohm",
    value: 0.05,
    min: 0.01,
    max: 0.2,
    source: "common practice, no source",
  },
  sumShare: {
    label: "How far the largest pair may be from the sum of the others",
    unit: "1",
    value: 0.05,
    min: 0.005,
    max: 0.3,
    source: "common practice, no source",
  },
  equalShare: {
    label: "Three pairs this close are a three-phase motor",
    unit: "1",
    value: 0.05,
    min: 0.005,
    max: 0.3,
    source: "common practice, no source",
  },
  copperPerK: {
    label: "Rise of copper's resistance at 20 °C",
    unit: "1/K",
    value: 0.00393,
    min: 0.003,
    max: 0.005,
    source: `IEC 60028, ${FROM_MEMORY}`,
  },
} as const satisfies ParamTable;

/** Temperature a motor's resistances are given at, °C. */
export const COLD_C = 25;
/** Temperature the rise of copper is given at, °C. */
export const RISE_FROM_C = 20;
