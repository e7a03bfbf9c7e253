import { COMMON_PRACTICE, type ParamTable } from "../../quantity/index.ts";

/** Figures of proving dead and discharging. */
export const ISOLATION_PARAMS = {
  deadV: { label: "Volts on low impedance that are not dead any more", unit: "V", value: 3, min: 0.5, max: 10, source: COMMON_PRACTICE },
  strayV: { label: "Volts that high impedance shows of nothing", unit: "V", value: 30, min: 1, max: 60, source: COMMON_PRACTICE },
  meterProofV: { label: "Least volts of what the meter is proved on", unit: "V", value: 50, min: 12, max: 240, source: COMMON_PRACTICE },
  bleederOhm: { label: "Bleeder: two resistors in series", unit: "ohm", value: 20_000, min: 1000, max: 100_000, source: COMMON_PRACTICE },
  bleederW: { label: "Power each of the two may take", unit: "W", value: 5, min: 0.5, max: 50, source: COMMON_PRACTICE },
  dischargedV: { label: "DC volts below which a capacitor is discharged", unit: "V", value: 10, min: 1, max: 30, source: COMMON_PRACTICE },
  againS: { label: "Wait before it is read again", unit: "s", value: 30, min: 10, max: 300, source: COMMON_PRACTICE },
  usualRunV: {
    label: "AC volts of a run or fan capacitor that nobody read: the higher of the usual ones",
    unit: "V",
    value: 440,
    min: 100,
    max: 600,
    source: COMMON_PRACTICE,
  },
  usualStartV: {
    label: "AC volts of a start capacitor that nobody read",
    unit: "V",
    value: 330,
    min: 100,
    max: 600,
    source: COMMON_PRACTICE,
  },
  usualRunF: { label: "A run capacitor that nobody read", unit: "F", value: 45e-6, min: 1e-6, max: 5e-4, source: COMMON_PRACTICE },
  usualFanF: { label: "A fan capacitor that nobody read", unit: "F", value: 7.5e-6, min: 1e-6, max: 5e-4, source: COMMON_PRACTICE },
  usualStartF: { label: "A start capacitor that nobody read", unit: "F", value: 2e-4, min: 1e-6, max: 1e-3, source: COMMON_PRACTICE },
  breakMin: {
    label: "Break after which it is proved again",
    unit: "min",
    value: 60,
    min: 5,
    max: 240,
    source: "a decision of this product",
  },
} as const satisfies ParamTable;

/** AC volts that capacitors are printed with; common practice, no source. */
export const CAPACITOR_VOLTS = [110, 125, 165, 220, 250, 330, 370, 400, 440, 450, 480] as const;
