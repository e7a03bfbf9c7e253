import { COMMON_PRACTICE, type ParamTable } from "@amp-saver/core/quantity";

const OWN = "our stand-ins, not any maker's instruments";

/** How the stand-ins behave. */
export const BENCH_PARAMS = {
  fanDelayS: { label: "Fan after the call", unit: "s", value: 2, min: 0, max: 30, source: OWN },
  plainDelayS: { label: "Compressor after the fan, without a starter", unit: "s", value: 5, min: 0, max: 300, source: OWN },
  starterDelayS: { label: "Starter's own delay after the call", unit: "s", value: 30, min: 0, max: 300, source: OWN },
  lateS: { label: "Delay with the fault that keeps it waiting", unit: "s", value: 3600, min: 300, max: 36_000, source: OWN },
  thermostatS: { label: "Thermostat's delay with the fault of that name", unit: "s", value: 180, min: 0, max: 600, source: OWN },
  pressuresS: { label: "Rest until pressures are equal", unit: "s", value: 180, min: 60, max: 600, source: COMMON_PRACTICE },
  overloadOpensS: { label: "Locked rotor until the overload opens", unit: "s", value: 2.5, min: 0.5, max: 10, source: COMMON_PRACTICE },
  overloadClosesS: { label: "Until the overload closes again", unit: "s", value: 240, min: 30, max: 1800, source: COMMON_PRACTICE },
  refreshS: { label: "Display refresh of the clamp", unit: "s", value: 0.4, min: 0.1, max: 1, source: COMMON_PRACTICE },
  inrushWindowS: { label: "Inrush window from the trigger", unit: "s", value: 0.1, min: 0.02, max: 0.5, source: COMMON_PRACTICE },
  triggerA: { label: "Current that triggers the inrush mode", unit: "A", value: 3, min: 0.5, max: 20, source: OWN },
  noiseShare: { label: "Noise of the clamp, half width", unit: "1", value: 0.004, min: 0, max: 0.05, source: OWN },
  bounceFactor: {
    label: "Inrush shown over the true one when the contact bounces",
    unit: "1",
    value: 1.67,
    min: 1.2,
    max: 2,
    source: "common practice, no source: 152.9 A shown, 91.6 A on repeat",
  },
  lowVoltsOhm: {
    label: "Ohms added between source and unit by the fault of low volts",
    unit: "ohm",
    value: 0.7,
    min: 0.1,
    max: 3,
    source: OWN,
  },
  strayV: { label: "Volts a high-impedance range shows of nothing", unit: "V", value: 1.6, min: 0, max: 60, source: COMMON_PRACTICE },
  leadOhm: { label: "Meter leads", unit: "ohm", value: 0.2, min: 0, max: 1, source: OWN },
  weakCapacitor: { label: "Capacitance left by the fault of a weak capacitor", unit: "1", value: 0.7, min: 0.1, max: 0.95, source: OWN },
  tankWh: { label: "Tank of the stand-in generator", unit: "Wh", value: 9000, min: 500, max: 50_000, source: OWN },
} as const satisfies ParamTable;
