import { FROM_MEMORY, type ParamTable } from "../../quantity/index.ts";

const MODEL = "P. C. Krause, Analysis of Electric Machinery: two-phase model of a single-phase machine";

/** Typical make-up of a capacitor-run hermetic compressor motor, used where nothing was measured. */
export const COMPRESSOR_MOTOR_PARAMS = {
  lockedPowerFactor: {
    label: "Power factor of the main winding at standstill",
    unit: "1",
    value: 0.72,
    min: 0.4,
    max: 0.95,
    spread: [0.62, 0.8],
    source: FROM_MEMORY,
  },
  rotorShare: {
    label: "Rotor's share of the locked resistance",
    unit: "1",
    value: 0.4,
    min: 0.2,
    max: 0.7,
    spread: [0.33, 0.46],
    source: FROM_MEMORY,
  },
  magnetisingRatio: {
    label: "Magnetising reactance over locked impedance",
    unit: "1",
    value: 22,
    min: 8,
    max: 50,
    spread: [16, 28],
    source: FROM_MEMORY,
  },
  turnsRatio: {
    label: "Turns of the start winding over turns of the run winding",
    unit: "1",
    value: 1.3,
    min: 0.8,
    max: 2.2,
    spread: [1.1, 1.6],
    source: FROM_MEMORY,
  },
  startOverRunOhm: {
    label: "Start winding's resistance over run winding's",
    unit: "1",
    value: 4,
    min: 1.5,
    max: 10,
    spread: [2.5, 6],
    source: FROM_MEMORY,
  },
  poles: { label: "Poles", unit: "1", value: 2, min: 2, max: 6, source: FROM_MEMORY },
  inertiaPerShaftW: {
    label: "Rotor inertia per watt of rated shaft power",
    unit: "kg·m²/W",
    value: 0.0012 / 1250,
    min: 2e-7,
    max: 5e-6,
    spread: [0.6 * (0.0012 / 1250), 1.4 * (0.0012 / 1250)],
    source: FROM_MEMORY,
  },
  lockedOverRated: {
    label: "Locked rotor amps over rated load amps",
    unit: "1",
    value: 5,
    min: 2,
    max: 8,
    spread: [4, 6],
    source: "common practice, no source: 4 to 6 for hermetic compressors",
  },
  runOverRated: {
    label: "Running amps at 95 °F over rated load amps",
    unit: "1",
    value: 0.9,
    min: 0.4,
    max: 1.2,
    spread: [0.8, 1],
    source: FROM_MEMORY,
  },
  breakaway: {
    label: "Load torque of a rested compressor at standstill over rated torque",
    unit: "1",
    value: 0.07,
    min: 0,
    max: 1.2,
    spread: [0.04, 0.15],
    source: FROM_MEMORY,
  },
  buildRevs: { label: "Revolutions in which the load builds up", unit: "rev", value: 300, min: 10, max: 3000, source: FROM_MEMORY },
  hotterPerF: { label: "More running current per °F above 95 °F", unit: "1/°F", value: 0.01, min: 0, max: 0.03, source: FROM_MEMORY },
  coolerPerF: { label: "Less running current per °F below 95 °F", unit: "1/°F", value: 0.008, min: 0, max: 0.03, source: FROM_MEMORY },
} as const satisfies ParamTable;

/** Where the model comes from. */
export const COMPRESSOR_MOTOR_SOURCE = MODEL;
