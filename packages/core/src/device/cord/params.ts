import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A cord or adapter between outlet and rig. */
export const CORD_PARAMS = {
  contactOhm: {
    label: "Resistance of one plug in its outlet, both sides",
    unit: "ohm",
    value: 0.004,
    min: 0,
    max: 0.5,
    spread: [0.001, 0.015],
    source: FROM_MEMORY,
  },
  henryPerM: { label: "Inductance of two conductors side by side", unit: "H/m", value: 0.6e-6, min: 0, max: 5e-6, source: FROM_MEMORY },
  referenceC: {
    label: "Conductor temperature of the table",
    unit: "°C",
    value: 75,
    min: 20,
    max: 90,
    source: "NEC chapter 9 table 8, from memory",
  },
} as const satisfies ParamTable;
