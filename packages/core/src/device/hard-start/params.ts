import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A start capacitor across the run capacitor until the rotor comes up. */
export const HARD_START_PARAMS = {
  startCapacitorUf: { label: "Start capacitor", unit: "µF", value: 150, min: 10, max: 600, source: FROM_MEMORY },
  dropOutShare: {
    label: "Share of synchronous speed at which it drops out",
    unit: "1",
    value: 0.75,
    min: 0.5,
    max: 0.95,
    source: FROM_MEMORY,
  },
} as const satisfies ParamTable;
