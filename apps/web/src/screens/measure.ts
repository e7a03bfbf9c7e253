import { FIGURES, type FigureName, type Measure, shownAs } from "@amp-saver/core/figure";
import { formatNumber, numbersIn } from "@amp-saver/core/quantity";

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

/** Reads what a person typed in the reader's own units, the unit left on. */
export function readTyped(name: FigureName, measure: Measure, text: string): Typed {
  const { toSi, fromSi, unit, decimals } = shownAs(name, measure);
  const { min, max } = FIGURES[name];
  const shown = (si: number): string => formatNumber(fromSi(si), Math.abs(fromSi(si)) < 10 ? decimals : 0);
  const slack = 1e-9 * Math.max(1, Math.abs(max));
  const value = numbersIn(text.replace(unit, ""))
    ?.map(toSi)
    .find((si) => si >= min - slack && si <= max + slack);
  return value === undefined
    ? { ok: false, limits: `${shown(min)} to ${shown(max)} ${unit}` }
    : { ok: true, value: Math.min(max, Math.max(min, value)) + 0 };
}
