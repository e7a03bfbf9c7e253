import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** How long silence is usual before a compressor runs, by what holds it. */
export const WAITING_PARAMS = {
  fanS: { label: "Fan after the call", unit: "s", value: 15, min: 2, max: 120, source: COMMON_PRACTICE },
  starterS: {
    label: "Starter's start delay, where its sheet says nothing",
    unit: "s",
    value: 300,
    min: 0,
    max: 900,
    source: COMMON_PRACTICE,
  },
  thermostatS: { label: "Thermostat's delay after it was on", unit: "s", value: 300, min: 0, max: 600, source: COMMON_PRACTICE },
  managerS: {
    label: "Energy manager's wait after low volts or power back",
    unit: "s",
    value: 150,
    min: 60,
    max: 600,
    source: COMMON_PRACTICE,
  },
  transferS: { label: "Transfer switch's wait for its generator", unit: "s", value: 45, min: 5, max: 180, source: COMMON_PRACTICE },
  graceS: { label: "Grace before waiting is called late", unit: "s", value: 60, min: 0, max: 300, source: COMMON_PRACTICE },
  lowShare: {
    label: "Volts over plate volts below which no start is expected",
    unit: "1",
    value: 0.9,
    min: 0.8,
    max: 1,
    source: COMMON_PRACTICE,
  },
} as const satisfies ParamTable;
