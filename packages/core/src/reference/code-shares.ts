import type { ParamTable } from "../quantity/index.ts";

/** Factors and shares that the electrical code sets; rules, that cap an answer and make nothing impossible. */
export const CODE_PARAMS = {
  continuousFactor: {
    label: "Factor on loads of three hours and more, on a breaker",
    unit: "1",
    value: 1.25,
    min: 1,
    max: 2,
    source: "NEC 215.3, from memory",
  },
  motorFactor: {
    label: "Factor on the largest motor of a feeder",
    unit: "1",
    value: 1.25,
    min: 1,
    max: 2,
    source: "NEC 430.24 and 440.33, from memory",
  },
  plugInAlone: {
    label: "Share of its circuit that a plug-in unit may take alone",
    unit: "1",
    value: 0.8,
    min: 0.1,
    max: 1,
    source: "NEC 440.62, from memory",
  },
  plugInBeside: { label: "The same beside other loads", unit: "1", value: 0.5, min: 0.1, max: 1, source: "NEC 440.62, from memory" },
} as const satisfies ParamTable;
