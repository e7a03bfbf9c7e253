import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A pedestal or house outlet with its wiring back to the transformer. */
export const SHORE_PARAMS = {
  ohm: {
    label: "Resistance of pedestal, wiring and cord",
    unit: "ohm",
    value: 0.2,
    min: 0,
    max: 5,
    spread: [0.1, 0.4],
    source: FROM_MEMORY,
  },
  pedestalOhm: {
    label: "Resistance of pedestal and wiring behind it, cords apart",
    unit: "ohm",
    value: 0.1,
    min: 0,
    max: 5,
    spread: [0.04, 0.25],
    source: FROM_MEMORY,
  },
  mH: { label: "Inductance of the same", unit: "mH", value: 0.1, min: 0, max: 10, source: FROM_MEMORY },
  breakerA: { label: "Breaker", unit: "A", value: 30, min: 1, max: 400, source: "common practice, no source: the usual RV hook-up" },
  continuousShare: {
    label: "Share of the breaker that may be used for three hours and more",
    unit: "1",
    value: 0.8,
    min: 0.5,
    max: 1,
    source: "NEC 210.20(A) for continuous loads, from memory",
  },
} as const satisfies ParamTable;
