import type { Motor } from "../src/device/compressor-motor/index.ts";
import { celsiusFromF } from "../src/quantity/index.ts";
import { type MotorStartInput, STEPS_PER_HALF_CYCLE } from "../src/study/motor-start/index.ts";

/** The machine of the reference netlist. */
export const REFERENCE_MOTOR: Motor = {
  r1: 0.78,
  x1: 0.626,
  r2: 0.52,
  x2: 0.626,
  xm: 39.7,
  turnsRatio: 1.3,
  ra: 3.12,
  xa: 1.058,
  poles: 2,
  inertiaKgM2: 0.0012,
  hz: 60,
};

/** The reference start: direct, 120 V behind 0.05 ohm and 0.1 mH, 45 µF. */
export const REFERENCE_START: MotorStartInput = {
  motor: REFERENCE_MOTOR,
  load: { ratedNm: 3.3, breakaway: 0.07, build: 0.6, buildRevs: 300 },
  plateVolts: 115,
  lockedRotorA: 63,
  overloadS: null,
  runCapacitorF: 45e-6,
  fanA: 0,
  backgroundA: 0,
  outdoorC: celsiusFromF(95),
  method: { kind: "direct" },
  source: {
    kind: "circuit",
    volts: 120,
    seriesOhm: 0.05,
    cordOhm: 0.05,
    seriesH: 1e-4,
    closingDeg: 0,
    manager: null,
    breakerA: null,
    band: null,
  },
  seconds: 1,
  breakerEdge: 0.5,
  stepsPerHalfCycle: STEPS_PER_HALF_CYCLE,
};
