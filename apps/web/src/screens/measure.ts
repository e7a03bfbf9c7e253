import { FIGURES, type FigureName, type Measure, shownAs } from "@amp-saver/core/figure";
import { formatNumber } from "@amp-saver/core/quantity";

/** The last round figure below a wall found by trying: 100 ft, 50 m, one degree. */
export function roundDown(name: "hottestC" | "altitudeM", measure: Measure, value: number): number {
  const { fromSi, toSi } = shownAs(name, measure);
  const step = name === "hottestC" ? 1 : measure === "us" ? 100 : 50;
  return toSi(Math.floor(fromSi(value) / step + 1e-6) * step);
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
  const { min, max } = FIGURES[name];
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
