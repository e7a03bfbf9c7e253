import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

const TRIED = "tried on thirty drawn plates of docs/validation.md; no source";

/** How a photographed plate is made readable, and when a figure read from it is believed. */
export const PLATE_READING_PARAMS = {
  reachShare: {
    label: "Surroundings that a pixel is set against, to each side, of the picture's width",
    unit: "1",
    value: 0.02,
    min: 0.005,
    max: 0.2,
    source: TRIED,
  },
  otherReachShare: { label: "The same for the second look", unit: "1", value: 0.035, min: 0.005, max: 0.2, source: TRIED },
  lookSide: { label: "Longest side of the first look", unit: "pixels", value: 2000, min: 500, max: 4000, source: TRIED },
  otherLookSide: { label: "The same for the second look", unit: "pixels", value: 1600, min: 500, max: 4000, source: TRIED },
  leastSpread: { label: "Least spread of the surroundings", unit: "grey levels", value: 10, min: 1, max: 60, source: TRIED },
  paper: { label: "Grey of the even paper", unit: "grey levels", value: 190, min: 128, max: 255, source: TRIED },
  contrast: { label: "Grey of one spread of the surroundings", unit: "grey levels", value: 75, min: 10, max: 200, source: TRIED },
  ink: { label: "Grey below which a pixel is ink", unit: "grey levels", value: 90, min: 1, max: 200, source: TRIED },
  tiltAcross: { label: "Pixels across that a tilt is looked for with", unit: "1", value: 500, min: 100, max: 2000, source: TRIED },
  mostTiltDeg: { label: "Most tilt that is set right", unit: "°", value: 12, min: 1, max: 45, source: TRIED },
  faintBelow: { label: "Sureness below which a word is faint, of 100", unit: "1", value: 60, min: 0, max: 100, source: TRIED },
  circuitOffA: {
    label: "Amps by which minimum circuit ampacity may be off 125 % of the compressor and the fan",
    unit: "A",
    value: 1,
    min: 0.1,
    max: 10,
    source: COMMON_PRACTICE,
  },
  circuitOff: { label: "The same as a share", unit: "1", value: 0.06, min: 0.01, max: 0.5, source: COMMON_PRACTICE },
  breakerOverCircuit: {
    label: "Most of the largest breaker over minimum circuit ampacity",
    unit: "1",
    value: 2.3,
    min: 1,
    max: 5,
    source: "NEC 440.22 (225 %), from memory",
  },
  coolingOverVa: {
    label: "Cooling over rated volts and amps, W per VA",
    unit: "1",
    value: 2.6,
    min: 1.2,
    max: 5.5,
    source: COMMON_PRACTICE,
  },
  surgeOverRunning: { label: "Most of surge watts over running watts", unit: "1", value: 3, min: 1, max: 10, source: COMMON_PRACTICE },
} as const satisfies ParamTable;
