import type { ParamTable } from "../../quantity/index.ts";

const TRIED = "tried on synthesized starts of docs/validation.md; no source";

/** How a start is told by its sound. A motor's iron and winding hum at twice the line's frequency; so does its torque. */
export const BY_EAR_PARAMS = {
  workHz: { label: "Samples a second that are looked at", unit: "Hz", value: 2000, min: 1000, max: 8000, source: TRIED },
  windowS: { label: "Window in which the hum is measured", unit: "s", value: 0.1, min: 0.03, max: 0.5, source: TRIED },
  hopS: { label: "Time from one window to the next", unit: "s", value: 0.01, min: 0.002, max: 0.1, source: TRIED },
  besideHz: { label: "How far beside the hum the noise is measured", unit: "Hz", value: 24, min: 10, max: 60, source: TRIED },
  overNoiseDb: { label: "Least hum over the noise beside it", unit: "dB", value: 12, min: 3, max: 30, source: TRIED },
  noiseS: { label: "Time to each side over which that noise is measured", unit: "s", value: 0.5, min: 0.1, max: 5, source: TRIED },
  riseDb: { label: "Least rise of the hum where a motor is switched on", unit: "dB", value: 7, min: 3, max: 30, source: TRIED },
  fallDb: { label: "Least fall of the hum where it comes to speed", unit: "dB", value: 4, min: 2, max: 30, source: TRIED },
  leastS: { label: "Shortest start that is believed", unit: "s", value: 0.08, min: 0.03, max: 1, source: TRIED },
  mostS: { label: "Longest wait for speed; after that it stalls", unit: "s", value: 4, min: 1, max: 30, source: TRIED },
  staysS: { label: "How long the hum goes on after a start that succeeded", unit: "s", value: 2, min: 0.3, max: 10, source: TRIED },
  goesOnDb: { label: "Least hum over the noise while it runs on", unit: "dB", value: 13, min: 2, max: 30, source: TRIED },
  steadyHz: { label: "Most that a hum of the line wavers, root mean square", unit: "Hz", value: 1.5, min: 0.2, max: 10, source: TRIED },
  beforeS: { label: "Time before a rise that it is set against", unit: "s", value: 1.5, min: 0.3, max: 10, source: TRIED },
  mostDropHz: {
    label: "Most that an engine is dragged down and still followed, line frequency",
    unit: "Hz",
    value: 4,
    min: 1,
    max: 8,
    source: TRIED,
  },
  leastDropHz: { label: "Least of that which is told", unit: "Hz", value: 0.5, min: 0.1, max: 3, source: TRIED },
  endS: { label: "Time over which the hum must be gone where it ends", unit: "s", value: 1, min: 0.2, max: 5, source: TRIED },
  endDb: { label: "Least fall of the hum where it ends", unit: "dB", value: 6, min: 3, max: 20, source: TRIED },
  keptS: { label: "How much of what is listened to is kept at hand", unit: "s", value: 30, min: 10, max: 120, source: TRIED },
} as const satisfies ParamTable;
