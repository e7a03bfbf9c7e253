import { celsiusFromF, fahrenheitFromC, formatNumber, ftFromMetres, metresFromFt, W_PER_BTU_H } from "@amp-saver/core/quantity";
import { FIGURE_BOUNDS, type FigureName } from "@amp-saver/records";

/** The last round figure below a wall found by trying: 100 ft, 50 m, one degree. */
export function roundDown(name: "hottestC" | "altitudeM", measure: Measure, value: number): number {
  const { fromSi, toSi } = shownAs(name, measure);
  const step = name === "hottestC" ? 1 : measure === "us" ? 100 : 50;
  return toSi(Math.floor(fromSi(value) / step + 1e-6) * step);
}

/** Which units people read: °F and feet, or °C and metres. */
export type Measure = "us" | "si";

/** How a figure is shown and typed. */
export interface ShownAs {
  readonly unit: string;
  readonly decimals: number;
  readonly fromSi: (value: number) => number;
  readonly toSi: (value: number) => number;
}

const same = (unit: string, decimals: number): ShownAs => ({ unit, decimals, fromSi: (v) => v, toSi: (v) => v });
const times = (unit: string, decimals: number, factor: number): ShownAs => ({
  unit,
  decimals,
  fromSi: (v) => v * factor,
  toSi: (v) => v / factor,
});
const FAHRENHEIT: ShownAs = { unit: "°F", decimals: 0, fromSi: fahrenheitFromC, toSi: celsiusFromF };
const FEET: ShownAs = { unit: "ft", decimals: 0, fromSi: ftFromMetres, toSi: metresFromFt };
/** 1 US gallon = 3.785411784 l exactly. */
const GALLONS = times("gal", 2, 1 / 3.785411784);
const MICROFARAD = times("µF", 1, 1e6);

const PLAIN: Readonly<Partial<Record<FigureName, ShownAs>>> = {
  runCapacitorF: MICROFARAD,
  startAidF: MICROFARAD,
  coolingW: times("BTU/h", 0, 1 / W_PER_BTU_H),
  plateVolts: same("V", 0),
  sourceVolts: same("V", 0),
  readingVolts: same("V", 1),
  sourceOhm: same("ohm", 2),
  windingOhm: same("ohm", 2),
  bankVolts: same("V", 1),
  bankOhm: times("milliohm", 1, 1000),
  efficiency: times("%", 0, 100),
  enduranceW: same("W", 0),
  enduranceS: same("s", 0),
  loadW: same("W", 0),
  bankAh: same("Ah", 0),
  depth: times("%", 0, 100),
  tons: same("tons", 2),
  usd: same("USD", 0),
  smallUsd: same("USD", 2),
  taxPercent: same("%", 2),
  workMin: same("min", 0),
  runningW: same("W", 0),
  surgeW: same("W", 0),
  surgeS: same("s", 0),
  restMin: same("min", 0),
};

/** How the figure of this name is shown in a measure. */
export function shownAs(name: FigureName, measure: Measure): ShownAs {
  if (name === "hottestC") return measure === "us" ? FAHRENHEIT : same("°C", 0);
  if (name === "altitudeM") return measure === "us" ? FEET : same("m", 0);
  if (name === "tankL") return measure === "us" ? GALLONS : same("l", 1);
  if (name === "cordM") return measure === "us" ? FEET : same("m", 1);
  return PLAIN[name] ?? same("A", 1);
}

/** Text of an SI value as a person would type it: no grouping, no trailing zeros. */
export function typedText(name: FigureName, measure: Measure, value: number): string {
  const { fromSi, decimals } = shownAs(name, measure);
  return String(Number(fromSi(value).toFixed(decimals)));
}

/** The value of a text, or what it would have to be. */
export type Typed = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly limits: string };

/** Reads what a person typed: decimal point or comma, thousands spaces or commas, the unit left on. Nothing below nothing is nothing: −0 comes out of no file as it went in. */
export function readTyped(name: FigureName, measure: Measure, text: string): Typed {
  const { toSi, fromSi, unit, decimals } = shownAs(name, measure);
  const { min, max } = FIGURE_BOUNDS[name];
  const shown = (si: number): string => formatNumber(fromSi(si), Math.abs(fromSi(si)) < 10 ? decimals : 0);
  const limits = `${shown(min)} to ${shown(max)} ${unit}`;
  const bare = text.replace(unit, "").replaceAll("\u2212", "-").trim();
  const grouped = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(bare) ? bare.replaceAll(",", "") : bare.replace(",", ".");
  const number = grouped === "" ? Number.NaN : Number(grouped.replaceAll(/[\s\u00a0]/g, ""));
  if (!Number.isFinite(number)) return { ok: false, limits };
  const value = toSi(number);
  const slack = 1e-9 * Math.max(1, Math.abs(max));
  return value < min - slack || value > max + slack ? { ok: false, limits } : { ok: true, value: Math.min(max, Math.max(min, value)) + 0 };
}
