import {
  celsiusFromF,
  fahrenheitFromC,
  faradFromUf,
  ftFromMetres,
  M_PER_IN,
  metresFromFt,
  W_PER_BTU_H,
  W_PER_TON,
} from "../quantity/index.ts";

/** Which units people read: °F, feet, inches, pounds, gallons, BTU/h and AWG, or °C, meters, millimeters, kilograms, liters, kW and mm². */
export type Measure = "us" | "si";

/** How a figure is shown and typed. */
export interface ShownAs {
  readonly unit: string;
  readonly decimals: number;
  readonly fromSi: (value: number) => number;
  readonly toSi: (value: number) => number;
}

const same = (unit: string, decimals: number): ShownAs => ({ unit, decimals, fromSi: (v) => v, toSi: (v) => v });
const times = (unit: string, decimals: number, perSi: number): ShownAs => ({
  unit,
  decimals,
  fromSi: (v) => v * perSi,
  toSi: (v) => v / perSi,
});
const feet: ShownAs = { unit: "ft", decimals: 0, fromSi: ftFromMetres, toSi: metresFromFt };
/** 1 US gallon = 3.785411784 l exactly. */
const L_PER_GALLON = 3.785411784;

/** 1 lb = 0.45359237 kg exactly. */
const KG_PER_LB = 0.45359237;

/** What figures measure: the unit each is kept in (SI), and how it is shown in either measure. */
export const DIMENSIONS = {
  current: { kept: "A", shown: same("A", 1) },
  volts: { kept: "V", shown: same("V", 0) },
  fineVolts: { kept: "V", shown: same("V", 1) },
  resistance: { kept: "ohm", shown: same("ohm", 2) },
  smallResistance: { kept: "ohm", shown: times("milliohm", 1, 1000) },
  capacitance: { kept: "F", shown: times("µF", 1, 1 / faradFromUf(1)) },
  power: { kept: "W", shown: same("W", 0) },
  cooling: { kept: "W", shown: { us: times("BTU/h", 0, 1 / W_PER_BTU_H), si: times("kW", 2, 1e-3) } },
  /** Cooling that is kept in tons. */
  tons: { kept: "ton", shown: { us: times("BTU/h", 0, W_PER_TON / W_PER_BTU_H), si: times("kW", 2, W_PER_TON / 1000) } },
  weight: { kept: "kg", shown: { us: times("lb", 0, 1 / KG_PER_LB), si: same("kg", 1) } },
  share: { kept: "1", shown: times("%", 0, 100) },
  seconds: { kept: "s", shown: same("s", 0) },
  minutes: { kept: "min", shown: same("min", 0) },
  charge: { kept: "Ah", shown: same("Ah", 0) },
  money: { kept: "USD", shown: same("USD", 0) },
  smallMoney: { kept: "USD", shown: same("USD", 2) },
  percent: { kept: "%", shown: same("%", 2) },
  temperature: {
    kept: "°C",
    shown: { us: { unit: "°F", decimals: 0, fromSi: fahrenheitFromC, toSi: celsiusFromF }, si: same("°C", 0) },
  },
  altitude: { kept: "m", shown: { us: feet, si: same("m", 0) } },
  length: { kept: "m", shown: { us: feet, si: same("m", 1) } },
  /** What is measured with a tape at the box. */
  smallLength: { kept: "m", shown: { us: times("in", 2, 1 / M_PER_IN), si: times("mm", 0, 1000) } },
  volume: { kept: "l", shown: { us: times("gal", 2, 1 / L_PER_GALLON), si: same("l", 1) } },
} as const satisfies Readonly<Record<string, { readonly kept: string; readonly shown: ShownAs | Readonly<Record<Measure, ShownAs>> }>>;
export type Dimension = keyof typeof DIMENSIONS;
