import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

/** A generator, or battery inverter, whose electronics hold the voltage and fold the current back. */
export const INVERTER_GENERATOR_PARAMS = {
  momentaryFactor: {
    label: "Momentary current limit over surge watts ÷ volts",
    unit: "1",
    value: 1.5,
    min: 1,
    max: 2.5,
    spread: [1.25, 1.75],
    source: FROM_MEMORY,
  },
  surgeOverRunning: {
    label: "Surge watts over running watts where only one is known",
    unit: "1",
    value: 1.2,
    min: 1,
    max: 2.5,
    source: FROM_MEMORY,
  },
  surgeS: { label: "How long surge watts last", unit: "s", value: 10, min: 0.1, max: 3600, source: FROM_MEMORY },
  recovery: { label: "Largest rise of voltage in a half cycle", unit: "1", value: 0.15, min: 0.01, max: 1, source: FROM_MEMORY },
  ohm: { label: "Output resistance", unit: "ohm", value: 0.05, min: 0, max: 5, source: FROM_MEMORY },
  dropOutShare: { label: "Share of its voltage below which it lets go", unit: "1", value: 0.8, min: 0.3, max: 0.95, source: FROM_MEMORY },
  dropOutS: { label: "Time below that before it lets go", unit: "s", value: 1, min: 0.02, max: 30, source: FROM_MEMORY },
} as const satisfies ParamTable;
